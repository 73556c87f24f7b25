#include "run/device/meters/hand_meter.h"

// Beside its class: else whoever needs one meter is linked with the whole run.
#include "moc_hand_meter.cpp"
