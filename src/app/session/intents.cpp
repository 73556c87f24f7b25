#include "app/session/intents.h"

#include "app/session/session.h"

namespace lantern::app {

void connectIntents(Intents *intents, Session *session)
{
    const auto obey = [=](auto signal, auto slot) {
        QObject::connect(intents, signal, session, slot);
    };
    obey(&Intents::displayWanted, &Session::selectDisplay);
    obey(&Intents::viewWanted, &Session::showView);
    obey(&Intents::acted, &Session::act);
    obey(&Intents::actedOtherwise, &Session::actOtherwise);
    obey(&Intents::paused, &Session::pause);
    obey(&Intents::resumed, &Session::resume);
    obey(&Intents::stopped, &Session::stop);
    obey(&Intents::runDiscarded, &Session::discardRun);
    obey(&Intents::newRunWanted, &Session::newRun);
    obey(&Intents::profileUseWanted, &Session::useProfile);
    obey(&Intents::previousProfileWanted, &Session::usePreviousProfile);
    obey(&Intents::profileRemoved, &Session::removeProfile);
    obey(&Intents::profileFormChosen, &Session::setProfileForm);
    obey(&Intents::putBackWanted, &Session::putBack);
    obey(&Intents::profileForAllWanted, &Session::installForAll);
    obey(&Intents::keeperWanted, &Session::setKeeper);
    obey(&Intents::reminderChosen, &Session::setReminder);
    obey(&Intents::readyPointTicked, &Session::setReadyPoint);
    obey(&Intents::readyLookedAt, &Session::refreshReady);
    obey(&Intents::warmUpWanted, &Session::watchWarmUp);
    obey(&Intents::meterSearchWanted, &Session::findMeter);
    obey(&Intents::checkFirstWanted, &Session::checkFirst);
    obey(&Intents::reportStyleChosen, &Session::setReportStyle);
    obey(&Intents::pastRunWanted, &Session::loadPastRun);
    obey(&Intents::bookSyncWanted, &Session::syncBook);
    obey(&Intents::logbookBackedUp, &Session::backUpLogbook);
    obey(&Intents::logbookOffered, &Session::mergeLogbook);
    obey(&Intents::trendChosen, &Session::chooseTrend);
    obey(&Intents::agreementChosen, &Session::chooseAgreement);
    obey(&Intents::runsCompared, &Session::compareRuns);
    obey(&Intents::runNoted, &Session::setRunNote);
    obey(&Intents::runRemoved, &Session::removeRun);
    obey(&Intents::runCompared, &Session::compareWithRun);
    obey(&Intents::runReported, &Session::reportRun);
    obey(&Intents::pastRunOpened, &Session::openPastRun);
    obey(&Intents::formerStateWanted, &Session::showFormerState);
    obey(&Intents::gamutsChosen, &Session::chooseGamuts);
    obey(&Intents::chartKept, &Session::keepChart);
    obey(&Intents::ownChartChosen, &Session::chooseChart);
    obey(&Intents::ownChartRemoved, &Session::removeChart);
    obey(&Intents::proofWanted, &Session::proveNow);
    obey(&Intents::evennessChosen, &Session::chooseEvenness);
    obey(&Intents::evennessWanted, &Session::measureEvenness);
    obey(&Intents::evennessResumed, &Session::resumeEvenness);
    obey(&Intents::evennessEnded, &Session::endEvenness);
    obey(&Intents::modeWanted, &Session::readPictureMode);
    obey(&Intents::modeEvennessWanted, &Session::evenPictureMode);
    obey(&Intents::modesForgotten, &Session::forgetPictureMode);
    obey(&Intents::proofChosen, &Session::chooseProof);
    obey(&Intents::printChosen, &Session::choosePrint);
    obey(&Intents::printProofWanted, &Session::provePrint);
    obey(&Intents::toleranceKept, &Session::keepTolerance);
    obey(&Intents::toleranceOffered, &Session::takeTolerance);
    obey(&Intents::toleranceRemoved, &Session::removeTolerance);
    obey(&Intents::roomWanted, &Session::readRoom);
    obey(&Intents::roomForgotten, &Session::forgetRoomReadings);
    obey(&Intents::lightKept, &Session::keepLight);
    obey(&Intents::lightUsed, &Session::useLight);
    obey(&Intents::lightRemoved, &Session::removeLight);
    obey(&Intents::paperChosen, &Session::setPaperLightness);
    obey(&Intents::seenInChosen, &Session::setSeenIn);
    obey(&Intents::reflectanceChosen, &Session::setReflectance);
    obey(&Intents::roomWatchChosen, &Session::setRoomWatch);
    obey(&Intents::blackWanted, &Session::readBlack);
    obey(&Intents::fourColoursWanted, &Session::readFourColours);
    obey(&Intents::meterChosen, &Session::chooseMeter);
    obey(&Intents::meterSwapped, &Session::swapMeter);
    obey(&Intents::readingEntered, &Session::enterReading);
    obey(&Intents::certificateOffered, &Session::keepCertificate);
    obey(&Intents::correctionOffered, &Session::keepCorrection);
    obey(&Intents::correctionWanted, &Session::computeCorrection);
    obey(&Intents::fourColoursKept, &Session::keepFourColours);
    obey(&Intents::meterFactsForgotten, &Session::forgetMeterFacts);
    obey(&Intents::technologyChosen, &Session::setTechnology);
    obey(&Intents::bareDisplayWanted, &Session::bareDisplay);
    obey(&Intents::controlsNoted, &Session::noteControls);
    obey(&Intents::adjustModeChosen, &Session::setAdjustMode);
    obey(&Intents::aimChosen, &Session::setAim);
    obey(&Intents::measureChosen, &Session::setMeasureChoice);
    obey(&Intents::aimKept, &Session::keepAim);
    obey(&Intents::aimDuplicated, &Session::duplicateAim);
    obey(&Intents::ownAimRemoved, &Session::removeOwnAim);
    obey(&Intents::foundByEye, &Session::keepByEye);
    obey(&Intents::eyeLookWanted, &Session::lookByEye);
    obey(&Intents::tuningShown, &Session::showTuning);
    obey(&Intents::tuned, &Session::tune);
    obey(&Intents::tuneStepped, &Session::stepTune);
    obey(&Intents::tuneHeld, &Session::holdTune);
    obey(&Intents::tunedWhiteWanted, &Session::readTuned);
    obey(&Intents::tuneTurned, &Session::turnTuned);
    obey(&Intents::turnsRead, &Session::setReadsTurns);
    obey(&Intents::tuneKept, &Session::keepTune);
    obey(&Intents::slotChosen, &Session::chooseSlot);
    obey(&Intents::batchWanted, &Session::beginBatch);
    obey(&Intents::batchClosed, &Session::closeBatch);
    obey(&Intents::batchReopened, &Session::reopenBatch);
    obey(&Intents::serialEntered, &Session::enterSerial);
    obey(&Intents::serialTakenOut, &Session::takeSerialOut);
    obey(&Intents::referenceUnitWanted, &Session::readReferenceUnit);
    obey(&Intents::pagesWanted, &Session::servePages);
    obey(&Intents::pagesClosed, &Session::closePages);
    obey(&Intents::pageRenamed, &Session::renamePage);
    obey(&Intents::pageForgotten, &Session::forgetPage);
    obey(&Intents::matchChosen, &Session::chooseMatched);
    obey(&Intents::matchReadWanted, &Session::readForMatch);
    obey(&Intents::matchBegun, &Session::beginMatch);
    obey(&Intents::matchEnded, &Session::endMatch);
    obey(&Intents::profileNamed, &Session::setProfileTitle);
    obey(&Intents::reportFolderChosen, &Session::saveReport);
    obey(&Intents::readingsOffered, &Session::profileFromReadings);
    obey(&Intents::reportOffered, &Session::recheckReport);
    obey(&Intents::told, &Session::setNotice);
    obey(&Intents::failed, &Session::setProblem);
    obey(&Intents::noticeDismissed, &Session::dismissNotice);
}

} // namespace lantern::app
