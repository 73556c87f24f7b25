<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB" sourcelanguage="en">
 <context>
  <name>Bold Lantern</name>
  <message numerus="yes">
   <source>%1 was made from %n reading(s); it differs from them by ΔE00 %2 in the mean.</source>
   <translation>
    <numerusform>%1 was made from %n reading; it differs from it by ΔE00 %2 in the mean.</numerusform>
    <numerusform>%1 was made from %n readings; it differs from them by ΔE00 %2 in the mean.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1: %n of its figures do not follow from its readings: %2. Somebody has changed it, or it was damaged.</source>
   <translation>
    <numerusform>%1: %n of its figures does not follow from its readings: %2. Somebody has changed it, or it was damaged.</numerusform>
    <numerusform>%1: %n of its figures do not follow from its readings: %2. Somebody has changed it, or it was damaged.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1: all %n figures follow from its readings.</source>
   <translation>
    <numerusform>%1: its %n figure follows from its readings.</numerusform>
    <numerusform>%1: all %n figures follow from its readings.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>It was last measured %n days ago.</source>
   <translation>
    <numerusform>It was last measured %n day ago.</numerusform>
    <numerusform>It was last measured %n days ago.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>Two meters are needed; %n has read so far.</source>
   <translation>
    <numerusform>Two meters are needed; %n has read so far.</numerusform>
    <numerusform>Two meters are needed; %n have read so far.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>a reminder after %n day(s)</source>
   <translation>
    <numerusform>a reminder after %n day</numerusform>
    <numerusform>a reminder after %n days</numerusform>
   </translation>
  </message>
 </context>
</TS>
