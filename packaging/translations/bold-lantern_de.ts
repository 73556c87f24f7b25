<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
 <context>
  <name>Bold Lantern</name>
  <message>
   <source> %</source>
   <translation> %</translation>
  </message>
  <message>
   <source> (It said: %1)</source>
   <translation> (Es sagte: %1)</translation>
  </message>
  <message>
   <source> : 1</source>
   <translation> : 1</translation>
  </message>
  <message>
   <source> An arrow shows where the advised turn of %1 leads.</source>
   <translation> Ein Pfeil zeigt, wohin die geratene Drehung von %1 führt.</translation>
  </message>
  <message>
   <source> Contrast per just-noticeable step is off by %1 % at worst.</source>
   <translation> Kontrast je eben merklicher Stufe höchstens %1 % daneben.</translation>
  </message>
  <message>
   <source> Each is measured like any other display of the Desk; its page offers the profile afterwards.</source>
   <translation> Jedes wird gemessen wie jeder andere Bildschirm auf dem Tisch; seine Seite bietet danach das Profil an.</translation>
  </message>
  <message>
   <source> Gamma %1, the aimed curve %2.</source>
   <translation> Gamma %1, die verlangte Kurve %2.</translation>
  </message>
  <message>
   <source> Into slot %1 of the monitor.</source>
   <translation> In Platz %1 des Monitors.</translation>
  </message>
  <message>
   <source> K</source>
   <translation> K</translation>
  </message>
  <message>
   <source> cd/m²</source>
   <translation> cd/m²</translation>
  </message>
  <message>
   <source> days</source>
   <translation> Tagen</translation>
  </message>
  <message>
   <source> key colours</source>
   <translation> Hauptfarben</translation>
  </message>
  <message>
   <source> matched by eye (Δu'v' </source>
   <translation> nach Augenmaß abgeglichen (Δu'v' </translation>
  </message>
  <message>
   <source> min</source>
   <translation> min</translation>
  </message>
  <message>
   <source> patches</source>
   <translation> Felder</translation>
  </message>
  <message>
   <source> pixels</source>
   <translation> Pixel</translation>
  </message>
  <message>
   <source> ± %1 (k = 2)</source>
   <translation> ± %1 (k = 2)</translation>
  </message>
  <message>
   <source> · expects ΔE00 %1</source>
   <translation> · erwartet ΔE00 %1</translation>
  </message>
  <message>
   <source> · paused, %1 of %2 read</source>
   <translation> · unterbrochen, %1 von %2 gemessen</translation>
  </message>
  <message>
   <source> · reading %1</source>
   <translation> · Messung %1</translation>
  </message>
  <message>
   <source> · reading %1 of %2</source>
   <translation> · Messung %1 von %2</translation>
  </message>
  <message>
   <source> · waiting for you</source>
   <translation> · wartet auf Sie</translation>
  </message>
  <message>
   <source> · ΔE00 %1</source>
   <translation> · ΔE00 %1</translation>
  </message>
  <message>
   <source> ΔE00</source>
   <translation> ΔE00</translation>
  </message>
  <message>
   <source> ◊</source>
   <translation> ◊</translation>
  </message>
  <message>
   <source>"%1" in the row %2 is no number.</source>
   <translation>„%1“ in der Zeile %2 ist keine Zahl.</translation>
  </message>
  <message>
   <source>"%1" is being read.</source>
   <translation>„%1“ wird gemessen.</translation>
  </message>
  <message>
   <source>"%1" is no date</source>
   <translation>„%1“ ist kein Datum</translation>
  </message>
  <message>
   <source>"%1" is no kind of correction</source>
   <translation>„%1“ ist keine Art von Korrektur</translation>
  </message>
  <message>
   <source>"%1" is no whole number from %2 to %3</source>
   <translation>„%1“ ist keine ganze Zahl von %2 bis %3</translation>
  </message>
  <message>
   <source>"%1" is none of this run's</source>
   <translation>„%1“ ist keines dieses Laufs</translation>
  </message>
  <message>
   <source>"%1" is not a finite number</source>
   <translation>„%1“ ist keine endliche Zahl</translation>
  </message>
  <message>
   <source>"%1" is not known</source>
   <translation>„%1“ ist nicht bekannt</translation>
  </message>
  <message>
   <source>"%1" was read. Set another one at the monitor and read that, too.</source>
   <translation>„%1“ ist gemessen. Stellen Sie am Monitor einen anderen ein, und messen Sie auch den.</translation>
  </message>
  <message>
   <source>"%1"; %2 to %3 is expected</source>
   <translation>„%1“; erwartet wird %2 bis %3</translation>
  </message>
  <message>
   <source>% of
aim</source>
   <translation>% vom
Ziel</translation>
  </message>
  <message>
   <source>% of
widest</source>
   <translation>% des
weitesten</translation>
  </message>
  <message>
   <source>% of aim</source>
   <translation>% vom Ziel</translation>
  </message>
  <message>
   <source>% of middle</source>
   <translation>% Mitte</translation>
  </message>
  <message>
   <source>% off %1</source>
   <translation>% neben %1</translation>
  </message>
  <message>
   <source>% sRGB</source>
   <translation>% sRGB</translation>
  </message>
  <message>
   <source>%1

Take it over?</source>
   <translation>%1

Übernehmen?</translation>
  </message>
  <message>
   <source>%1 %</source>
   <translation>%1 %</translation>
  </message>
  <message>
   <source>%1 % of its %2 colours can be shown. The rest is off by %3 ΔE00 on average, by %4 at worst.</source>
   <translation>%1 % seiner %2 Farben lassen sich zeigen. Der Rest liegt im Mittel ΔE00 %3 daneben, höchstens %4.</translation>
  </message>
  <message>
   <source>%1 % of light, Δu'v' %2</source>
   <translation>%1 % des Lichts, Δu'v' %2</translation>
  </message>
  <message>
   <source>%1 % of the aimed gamut is missing</source>
   <translation>%1 % des verlangten Farbumfangs fehlen</translation>
  </message>
  <message>
   <source>%1 % too bright</source>
   <translation>%1 % zu hell</translation>
  </message>
  <message>
   <source>%1 % too dark</source>
   <translation>%1 % zu dunkel</translation>
  </message>
  <message>
   <source>%1 (%2)</source>
   <translation>%1 (%2)</translation>
  </message>
  <message>
   <source>%1 (%2, limit %3)</source>
   <translation>%1 (%2, Grenze %3)</translation>
  </message>
  <message>
   <source>%1 (own)</source>
   <translation>%1 (eigenes)</translation>
  </message>
  <message>
   <source>%1 (read %2 by %3)</source>
   <translation>%1 (gemessen %2 mit %3)</translation>
  </message>
  <message>
   <source>%1 (used)</source>
   <translation>%1 (in Gebrauch)</translation>
  </message>
  <message>
   <source>%1 K</source>
   <translation>%1 K</translation>
  </message>
  <message>
   <source>%1 K (%2)</source>
   <translation>%1 K (%2)</translation>
  </message>
  <message>
   <source>%1 across, %2 up. %3</source>
   <translation>%1 waagrecht, %2 senkrecht. %3</translation>
  </message>
  <message>
   <source>%1 and %2</source>
   <translation>%1 und %2</translation>
  </message>
  <message>
   <source>%1 and %2, each seen by itself:</source>
   <translation>%1 und %2, jeder für sich gesehen:</translation>
  </message>
  <message>
   <source>%1 and %2, read on both: ΔE00 mean %3 ± %4 (scatter of the meter, twice the standard uncertainty), largest %5 (%6)</source>
   <translation>%1 und %2, an beiden gemessen: ΔE00 im Mittel %3 ± %4 (Streuung des Messgeräts, zweifache Standardunsicherheit), größte %5 (%6)</translation>
  </message>
  <message>
   <source>%1 and %2, side by side:</source>
   <translation>%1 und %2, nebeneinander:</translation>
  </message>
  <message>
   <source>%1 and %2: ΔE00 mean %3 ± %4, largest %5</source>
   <translation>%1 und %2: ΔE00 im Mittel %3 ± %4, größte %5</translation>
  </message>
  <message>
   <source>%1 answers.</source>
   <translation>%1 antwortet.</translation>
  </message>
  <message>
   <source>%1 as read on %2 by %3; %4 as read on %5 by %6.</source>
   <translation>%1, gemessen am %2 mit %3; %4, gemessen am %5 mit %6.</translation>
  </message>
  <message>
   <source>%1 by %2</source>
   <translation>%1 um %2</translation>
  </message>
  <message>
   <source>%1 bytes at %2</source>
   <translation>%1 Byte bei %2</translation>
  </message>
  <message>
   <source>%1 cannot be %2</source>
   <translation>%1 kann nicht %2 sein</translation>
  </message>
  <message>
   <source>%1 cannot be %2: that is too small</source>
   <translation>%1 kann nicht %2 sein: das ist zu klein</translation>
  </message>
  <message>
   <source>%1 cannot be %2; it is from %3 to %4</source>
   <translation>%1 kann nicht %2 sein, sondern %3 bis %4</translation>
  </message>
  <message>
   <source>%1 cannot be %2; it is one of %3</source>
   <translation>%1 kann nicht %2 sein, sondern eines von %3</translation>
  </message>
  <message>
   <source>%1 cannot be read.</source>
   <translation>%1 kann nicht gelesen werden.</translation>
  </message>
  <message>
   <source>%1 cannot be removed. Whose file is it?</source>
   <translation>%1 kann nicht entfernt werden. Wem gehört die Datei?</translation>
  </message>
  <message>
   <source>%1 cannot be started</source>
   <translation>%1 kann nicht gestartet werden</translation>
  </message>
  <message>
   <source>%1 cannot do this. Use another meter, or enter the numbers by hand.</source>
   <translation>%1 kann das nicht. Nehmen Sie ein anderes Messgerät, oder geben Sie die Zahlen von Hand ein.</translation>
  </message>
  <message>
   <source>%1 cannot do this: %2</source>
   <translation>%1 kann das nicht: %2</translation>
  </message>
  <message>
   <source>%1 cd/m²</source>
   <translation>%1 cd/m²</translation>
  </message>
  <message>
   <source>%1 cd/m² cannot be the light of a display</source>
   <translation>%1 cd/m² kann nicht das Licht eines Bildschirms sein</translation>
  </message>
  <message>
   <source>%1 cd/m², too dark to tell its colour</source>
   <translation>%1 cd/m², zu dunkel für seine Farbe</translation>
  </message>
  <message>
   <source>%1 changed by %2 ± %3, limit %4</source>
   <translation>%1 hat sich um %2 ± %3 geändert, Grenze %4</translation>
  </message>
  <message>
   <source>%1 colours beyond the display's gamut: mean %2 ΔE00</source>
   <translation>%1 Farben außerhalb des Farbumfangs: im Mittel %2 ΔE00</translation>
  </message>
  <message>
   <source>%1 colours lie beyond the display's gamut (mean ΔE00 %2) and are not in the figures.</source>
   <translation>%1 Farben liegen außerhalb des Farbumfangs (im Mittel ΔE00 %2) und sind nicht in den Zahlen.</translation>
  </message>
  <message>
   <source>%1 days ago</source>
   <translation>vor %1 Tagen</translation>
  </message>
  <message>
   <source>%1 devices are connected.</source>
   <translation>%1 Geräte sind verbunden.</translation>
  </message>
  <message>
   <source>%1 different patches, %2 and %3 among them, were read with the very same numbers</source>
   <translation>%1 verschiedene Felder, darunter %2 und %3, wurden mit genau denselben Zahlen gemessen</translation>
  </message>
  <message>
   <source>%1 does not answer.</source>
   <translation>%1 antwortet nicht.</translation>
  </message>
  <message>
   <source>%1 does not answer: it is unplugged. Plug it in again, check that it still hangs on the patch, then go on.</source>
   <translation>%1 antwortet nicht: Es ist ausgesteckt. Stecken Sie es wieder ein, prüfen Sie, ob es noch auf dem Feld hängt, dann weiter.</translation>
  </message>
  <message>
   <source>%1 does not go with %2</source>
   <translation>%1 geht nicht mit %2</translation>
  </message>
  <message>
   <source>%1 does not see the patch. Put it back on the patch, then go on.</source>
   <translation>%1 sieht das Feld nicht. Hängen Sie es wieder auf das Feld, dann weiter.</translation>
  </message>
  <message>
   <source>%1 does not show its page. The run goes on when it is back.</source>
   <translation>%1 zeigt seine Seite nicht. Der Lauf geht weiter, wenn sie wieder da ist.</translation>
  </message>
  <message>
   <source>%1 falls by %2 %3 in 30 days</source>
   <translation>%1 sinkt in 30 Tagen um %2 %3</translation>
  </message>
  <message>
   <source>%1 figures computed anew, %2 disagree</source>
   <translation>%1 Kennzahlen neu berechnet, %2 stimmen nicht</translation>
  </message>
  <message>
   <source>%1 figures computed anew, all agree</source>
   <translation>%1 Kennzahlen neu berechnet, alle stimmen</translation>
  </message>
  <message>
   <source>%1 gains %2 % of light in 30 days</source>
   <translation>%1 gewinnt %2 % Licht in 30 Tagen</translation>
  </message>
  <message>
   <source>%1 gives the least light.</source>
   <translation>%1 gibt am wenigsten Licht.</translation>
  </message>
  <message>
   <source>%1 gives the same numbers for different colours. Unplug it and plug it in again, check that it hangs on the patch, then go on.</source>
   <translation>%1 gibt für verschiedene Farben dieselben Zahlen. Stecken Sie es aus und wieder ein, prüfen Sie, ob es auf dem Feld hängt, dann weiter.</translation>
  </message>
  <message>
   <source>%1 goes with %2 only</source>
   <translation>%1 geht nur mit %2</translation>
  </message>
  <message>
   <source>%1 has %2 slots</source>
   <translation>%1 hat %2 Plätze</translation>
  </message>
  <message>
   <source>%1 has no memory of its own</source>
   <translation>%1 hat keinen eigenen Speicher</translation>
  </message>
  <message>
   <source>%1 has no memory of its own that the program can reach. Its calibration goes into the video LUT.</source>
   <translation>%1 hat keinen eigenen Speicher, den das Programm erreicht. Seine Kalibrierung kommt in die Video-LUT.</translation>
  </message>
  <message>
   <source>%1 has the least contrast.</source>
   <translation>%1 hat am wenigsten Kontrast.</translation>
  </message>
  <message>
   <source>%1 held against %2 without a profile, %3 · a spot that vanishes is a match</source>
   <translation>%1 ohne Profil gegen %2, %3 · ein Fleck, der verschwindet, stimmt überein</translation>
  </message>
  <message>
   <source>%1 holds no PNG, TIFF or JPEG.</source>
   <translation>%1 enthält kein PNG, TIFF oder JPEG.</translation>
  </message>
  <message>
   <source>%1 in %2</source>
   <translation>%1 Zoll · %2</translation>
  </message>
  <message>
   <source>%1 in cd/m²</source>
   <translation>%1 in cd/m²</translation>
  </message>
  <message>
   <source>%1 in u' towards green</source>
   <translation>%1 in u' nach Grün</translation>
  </message>
  <message>
   <source>%1 in u' towards red</source>
   <translation>%1 in u' nach Rot</translation>
  </message>
  <message>
   <source>%1 in v' towards blue</source>
   <translation>%1 in v' nach Blau</translation>
  </message>
  <message>
   <source>%1 in v' towards yellow</source>
   <translation>%1 in v' nach Gelb</translation>
  </message>
  <message>
   <source>%1 instead of %2 cd/m²</source>
   <translation>%1 statt %2 cd/m²</translation>
  </message>
  <message>
   <source>%1 is "%2"; a whole number up to 2 million is expected</source>
   <translation>%1 ist „%2“; eine ganze Zahl bis 2 Millionen wird erwartet</translation>
  </message>
  <message>
   <source>%1 is %2, was %3.</source>
   <translation>%1 ist %2, war %3.</translation>
  </message>
  <message>
   <source>%1 is a characterisation. Pictures need the ICC profile of the printing condition.</source>
   <translation>%1 ist eine Charakterisierung. Bilder brauchen das ICC-Profil der Druckbedingung.</translation>
  </message>
  <message>
   <source>%1 is back.</source>
   <translation>%1 ist wieder da.</translation>
  </message>
  <message>
   <source>%1 is being read…</source>
   <translation>%1 wird gelesen…</translation>
  </message>
  <message>
   <source>%1 is damaged: a failing disk, or it was cut off.

What it still holds can be put into a new one that takes its place; the damaged one stays beside it.</source>
   <translation>%1 ist beschädigt: ein versagender Datenträger, oder es wurde abgeschnitten.

Was es noch enthält, kann in ein neues kommen, das an seine Stelle tritt; das beschädigte bleibt daneben.</translation>
  </message>
  <message>
   <source>%1 is due for a check</source>
   <translation>Bei %1 ist eine Prüfung fällig</translation>
  </message>
  <message>
   <source>%1 is in use: %2.</source>
   <translation>%1 ist in Gebrauch: %2.</translation>
  </message>
  <message>
   <source>%1 is missing</source>
   <translation>%1 fehlt</translation>
  </message>
  <message>
   <source>%1 is no longer as calibrated</source>
   <translation>%1 ist nicht mehr, wie kalibriert</translation>
  </message>
  <message>
   <source>%1 is not between 0 and 255</source>
   <translation>%1 liegt nicht zwischen 0 und 255</translation>
  </message>
  <message>
   <source>%1 is not known here</source>
   <translation>%1 ist hier nicht bekannt</translation>
  </message>
  <message>
   <source>%1 is outside 0 to %2</source>
   <translation>%1 liegt außerhalb von 0 bis %2</translation>
  </message>
  <message>
   <source>%1 is outside 0 to 255</source>
   <translation>%1 liegt außerhalb von 0 bis 255</translation>
  </message>
  <message>
   <source>%1 is reading</source>
   <translation>%1 misst</translation>
  </message>
  <message>
   <source>%1 is zeroed. Hang it back on the patch, then go on.</source>
   <translation>%1 ist genullt. Hängen Sie es wieder auf das Feld, dann weiter.</translation>
  </message>
  <message>
   <source>%1 left out that fit nothing around them</source>
   <translation>%1 ausgelassen, die zu nichts in ihrer Nähe passen</translation>
  </message>
  <message>
   <source>%1 loses %2 % of its light in 30 days</source>
   <translation>%1 verliert %2 % seines Lichts in 30 Tagen</translation>
  </message>
  <message>
   <source>%1 lx</source>
   <translation>%1 lx</translation>
  </message>
  <message>
   <source>%1 lx instead of the %2 lx of %3: screens look dark in it. %4 instead of %5 cd/m² would suit.</source>
   <translation>%1 lx statt der %2 lx von %3: Schirme sehen darin dunkel aus. %4 statt %5 cd/m² würde passen.</translation>
  </message>
  <message>
   <source>%1 lx instead of the %2 lx of %3: screens look too light in it. %4 instead of %5 cd/m² would suit.</source>
   <translation>%1 lx statt der %2 lx von %3: Schirme sehen darin zu hell aus. %4 statt %5 cd/m² würde passen.</translation>
  </message>
  <message>
   <source>%1 lx · %2</source>
   <translation>%1 lx · %2</translation>
  </message>
  <message>
   <source>%1 may use the book. Its password, shown this once:</source>
   <translation>%1 darf das Buch benutzen. Sein Passwort, nur dieses Mal gezeigt:</translation>
  </message>
  <message>
   <source>%1 ms</source>
   <translation>%1 ms</translation>
  </message>
  <message>
   <source>%1 needs a value</source>
   <translation>%1 braucht einen Wert</translation>
  </message>
  <message>
   <source>%1 numbers; %2 are expected</source>
   <translation>%1 Zahlen; erwartet werden %2</translation>
  </message>
  <message>
   <source>%1 of %2 points lie within this display's gamut.</source>
   <translation>%1 von %2 Punkten liegen im Farbumfang dieses Bildschirms.</translation>
  </message>
  <message>
   <source>%1 of %2 shown</source>
   <translation>%1 von %2 gezeigt</translation>
  </message>
  <message>
   <source>%1 of %2 that are to be alike.</source>
   <translation>%1 von %2, die gleich werden sollen.</translation>
  </message>
  <message>
   <source>%1 of its readings are missing</source>
   <translation>%1 seiner Messungen fehlen</translation>
  </message>
  <message>
   <source>%1 patches</source>
   <translation>%1 Felder</translation>
  </message>
  <message>
   <source>%1 patches, %2 readings with the repeated ones: about %3 min %4.</source>
   <translation>%1 Felder, %2 Messungen mit den wiederholten: etwa %3 min %4.</translation>
  </message>
  <message>
   <source>%1 patches, not read yet</source>
   <translation>%1 Felder, noch nicht gemessen</translation>
  </message>
  <message>
   <source>%1 patches; a chart has %2 to %3</source>
   <translation>%1 Felder; eine Farbtafel hat %2 bis %3</translation>
  </message>
  <message>
   <source>%1 patches; a chart has at most %2</source>
   <translation>%1 Felder; eine Farbtafel hat höchstens %2</translation>
  </message>
  <message>
   <source>%1 patches…</source>
   <translation>%1 Felder…</translation>
  </message>
  <message>
   <source>%1 points a side</source>
   <translation>%1 Punkte je Seite</translation>
  </message>
  <message>
   <source>%1 printed without end</source>
   <translation>%1 gab ohne Ende aus</translation>
  </message>
  <message>
   <source>%1 readings</source>
   <translation>%1 Messungen</translation>
  </message>
  <message>
   <source>%1 readings are too few for a profile</source>
   <translation>%1 Messungen sind zu wenig für ein Profil</translation>
  </message>
  <message>
   <source>%1 readings are too few to tell a drift: it takes three, two of them after one calibration</source>
   <translation>%1 Messungen sind zu wenig, um eine Drift zu erkennen: es braucht drei, zwei davon nach derselben Kalibrierung</translation>
  </message>
  <message>
   <source>%1 readings for %2 colours and white</source>
   <translation>%1 Messungen für %2 Farben und Weiß</translation>
  </message>
  <message>
   <source>%1 readings with the whites in between. Then the profile is built from them.</source>
   <translation>%1 Messungen mit dem Weiß dazwischen. Dann wird das Profil daraus gebaut.</translation>
  </message>
  <message>
   <source>%1 readings; expected error for all colours %2 ΔE00 in the mean; %3 kB</source>
   <translation>%1 Messungen; erwarteter Fehler für alle Farben ΔE00 %2 im Mittel; %3 kB</translation>
  </message>
  <message>
   <source>%1 rises by %2 %3 in 30 days</source>
   <translation>%1 steigt in 30 Tagen um %2 %3</translation>
  </message>
  <message>
   <source>%1 saw more light than it can measure. Lower the display's brightness or keep lamps away from the screen, then go on.</source>
   <translation>%1 sah mehr Licht, als es messen kann. Senken Sie die Helligkeit des Bildschirms oder halten Sie Lampen fern, dann weiter.</translation>
  </message>
  <message>
   <source>%1 sent numbers that are no colour. Unplug it and plug it in again, then go on.</source>
   <translation>%1 sandte Zahlen, die keine Farbe sind. Stecken Sie es aus und wieder ein, dann weiter.</translation>
  </message>
  <message>
   <source>%1 through the profile, %2 · a spot that vanishes is a match</source>
   <translation>%1 durch das Profil, %2 · ein Fleck, der verschwindet, stimmt überein</translation>
  </message>
  <message>
   <source>%1 took too long over a reading. Check its cable, then go on.</source>
   <translation>%1 brauchte zu lange für eine Messung. Prüfen Sie sein Kabel, dann weiter.</translation>
  </message>
  <message>
   <source>%1 values for %2 columns</source>
   <translation>%1 Werte für %2 Spalten</translation>
  </message>
  <message>
   <source>%1 wants to be zeroed. Cover its opening or lay it on a dark flat place, then go on.</source>
   <translation>%1 will genullt werden. Decken Sie seine Öffnung ab oder legen Sie es auf etwas Dunkles, Ebenes, dann weiter.</translation>
  </message>
  <message>
   <source>%1 was known before and may use the book; its password stays.</source>
   <translation>%1 war schon bekannt und darf das Buch benutzen; das Passwort bleibt.</translation>
  </message>
  <message numerus="yes">
   <source>%1 was made from %n reading(s); it differs from them by ΔE00 %2 in the mean.</source>
   <translation>
    <numerusform>%1 wurde aus %n Messung gemacht; es weicht im Mittel um ΔE00 %2 von ihr ab.</numerusform>
    <numerusform>%1 wurde aus %n Messungen gemacht; es weicht im Mittel um ΔE00 %2 von ihnen ab.</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 was read as having no light</source>
   <translation>%1 wurde ohne Licht gemessen</translation>
  </message>
  <message>
   <source>%1 was read as less than no light (%2 cd/m²)</source>
   <translation>%1 wurde mit weniger als keinem Licht gemessen (%2 cd/m²)</translation>
  </message>
  <message>
   <source>%1 was read with %2 and with %3 cd/m²</source>
   <translation>%1 wurde mit %2 und mit %3 cd/m² gemessen</translation>
  </message>
  <message>
   <source>%1 was removed from your own aims. The aim itself stays as it is.</source>
   <translation>%1 wurde aus Ihren eigenen Zielen entfernt. Das Ziel selbst bleibt, wie es ist.</translation>
  </message>
  <message>
   <source>%1 was removed from your own limits.</source>
   <translation>%1 wurde aus Ihren eigenen Grenzen entfernt.</translation>
  </message>
  <message>
   <source>%1 was unplugged. Its run is kept: connect it again, choose it and go on.</source>
   <translation>%1 wurde ausgesteckt. Sein Lauf ist behalten: Schließen Sie ihn wieder an, wählen Sie ihn, und fahren Sie fort.</translation>
  </message>
  <message>
   <source>%1 within the display's gamut: mean %2, worst %3; %4 beyond it: mean %5, worst %6</source>
   <translation>%1 im Farbumfang des Bildschirms: Mittel %2, größte %3; %4 außerhalb: Mittel %5, größte %6</translation>
  </message>
  <message>
   <source>%1 within the display's gamut: mean %2, worst %3; %4 beyond it: mean %5, worst %6.</source>
   <translation>%1 im Farbumfang des Bildschirms: Mittel %2, größte %3; %4 außerhalb: Mittel %5, größte %6.</translation>
  </message>
  <message>
   <source>%1 x %2 fields</source>
   <translation>%1 x %2 Felder</translation>
  </message>
  <message>
   <source>%1 x %2 pixels, %3 x %4 mm, %5</source>
   <translation>%1 x %2 Pixel, %3 x %4 mm, %5</translation>
  </message>
  <message>
   <source>%1 · another one: menu Meter</source>
   <translation>%1 · ein anderes: Menü Messgerät</translation>
  </message>
  <message>
   <source>%1 · mean of %2</source>
   <translation>%1 · Mittel aus %2</translation>
  </message>
  <message>
   <source>%1 · on the bench</source>
   <translation>%1 · auf dem Prüfstand</translation>
  </message>
  <message>
   <source>%1 · unfinished</source>
   <translation>%1 · unfertig</translation>
  </message>
  <message>
   <source>%1 · waits</source>
   <translation>%1 · wartet</translation>
  </message>
  <message>
   <source>%1 × %2</source>
   <translation>%1 × %2</translation>
  </message>
  <message>
   <source>%1 × %2 mm</source>
   <translation>%1 × %2 mm</translation>
  </message>
  <message>
   <source>%1 × %2 pixels</source>
   <translation>%1 × %2 Pixel</translation>
  </message>
  <message>
   <source>%1 × real time</source>
   <translation>%1 × Echtzeit</translation>
  </message>
  <message>
   <source>%1 Δu'v'</source>
   <translation>%1 Δu'v'</translation>
  </message>
  <message>
   <source>%1 — the aim: %2; the profile: %3.</source>
   <translation>%1 — das Ziel: %2; das Profil: %3.</translation>
  </message>
  <message>
   <source>%1, %2</source>
   <translation>%1, %2</translation>
  </message>
  <message>
   <source>%1, %2 cd/m²</source>
   <translation>%1, %2 cd/m²</translation>
  </message>
  <message>
   <source>%1, %2 colours</source>
   <translation>%1, %2 Farben</translation>
  </message>
  <message>
   <source>%1, %2.</source>
   <translation>%1, %2.</translation>
  </message>
  <message>
   <source>%1, a*</source>
   <translation>%1, a*</translation>
  </message>
  <message>
   <source>%1, as read last</source>
   <translation>%1, wie zuletzt gemessen</translation>
  </message>
  <message>
   <source>%1, b*</source>
   <translation>%1, b*</translation>
  </message>
  <message>
   <source>%1, changed</source>
   <translation>%1, geändert</translation>
  </message>
  <message>
   <source>%1, discarded</source>
   <translation>%1, verworfen</translation>
  </message>
  <message>
   <source>%1, from %2 readings; mean difference between model and readings %3 ΔE00.</source>
   <translation>%1, aus %2 Messungen; mittlere Abweichung zwischen Modell und Messungen %3 ΔE00.</translation>
  </message>
  <message>
   <source>%1, held against %2 without a profile,</source>
   <translation>%1, ohne Profil gegen %2 gehalten,</translation>
  </message>
  <message>
   <source>%1, in use</source>
   <translation>%1, in Gebrauch</translation>
  </message>
  <message>
   <source>%1, no profile</source>
   <translation>%1, kein Profil</translation>
  </message>
  <message>
   <source>%1, on %2</source>
   <translation>%1, auf %2</translation>
  </message>
  <message>
   <source>%1, own</source>
   <translation>%1, eigene</translation>
  </message>
  <message>
   <source>%1, read with %2</source>
   <translation>%1, gemessen mit %2</translation>
  </message>
  <message>
   <source>%1, run %2</source>
   <translation>%1, Lauf %2</translation>
  </message>
  <message>
   <source>%1, run of %2, %3, opened from the logbook</source>
   <translation>%1, Lauf vom %2, %3, aus dem Logbuch geöffnet</translation>
  </message>
  <message>
   <source>%1, serial %2</source>
   <translation>%1, Seriennummer %2</translation>
  </message>
  <message>
   <source>%1, shown through the profile,</source>
   <translation>%1, durch das Profil gezeigt,</translation>
  </message>
  <message>
   <source>%1, to be renewed by %2</source>
   <translation>%1, bis %2 zu erneuern</translation>
  </message>
  <message>
   <source>%1, to see that the meter is still the same.</source>
   <translation>%1, um zu sehen, dass das Messgerät noch dasselbe ist.</translation>
  </message>
  <message>
   <source>%1, unfinished</source>
   <translation>%1, unfertig</translation>
  </message>
  <message>
   <source>%1, ΔE00 %2</source>
   <translation>%1, ΔE00 %2</translation>
  </message>
  <message>
   <source>%1: %2</source>
   <translation>%1: %2</translation>
  </message>
  <message>
   <source>%1: %2 %3</source>
   <translation>%1: %2 %3</translation>
  </message>
  <message>
   <source>%1: %2 %3, over the limit</source>
   <translation>%1: %2 %3, über der Grenze</translation>
  </message>
  <message>
   <source>%1: %2 colours</source>
   <translation>%1: %2 Farben</translation>
  </message>
  <message>
   <source>%1: %2 lx · %3 K</source>
   <translation>%1: %2 lx · %3 K</translation>
  </message>
  <message>
   <source>%1: %2 of %3</source>
   <translation>%1: %2 von %3</translation>
  </message>
  <message>
   <source>%1: %2 of %3 units done are within their limits; %4 wait.</source>
   <translation>%1: %2 von %3 fertigen Exemplaren liegen in ihren Grenzen; %4 warten.</translation>
  </message>
  <message>
   <source>%1: %2 of the middle's light, %3, Δu' %4, Δv' %5, %6</source>
   <translation>%1: %2 des Lichts der Mitte, %3, Δu' %4, Δv' %5, %6</translation>
  </message>
  <message>
   <source>%1: %2 patches, %3 readings with the repeated ones, about %4 minutes</source>
   <translation>%1: %2 Felder, %3 Messungen mit den wiederholten, ungefähr %4 Minuten</translation>
  </message>
  <message>
   <source>%1: %2 profile from %3 readings, mean difference from them %4 ΔE00</source>
   <translation>%1: %2-Profil aus %3 Messungen, mittlere Abweichung davon %4 ΔE00</translation>
  </message>
  <message>
   <source>%1: %2 to %3 of the middle's light, worst ΔE00 %4.</source>
   <translation>%1: %2 bis %3 des Lichts der Mitte, schlechtestes ΔE00 %4.</translation>
  </message>
  <message>
   <source>%1: %2 ΔE00 in the mean, %3 kB</source>
   <translation>%1: ΔE00 %2 im Mittel, %3 kB</translation>
  </message>
  <message>
   <source>%1: %2, and its number here is the old one. Type in what the monitor shows.</source>
   <translation>%1: %2, und die Zahl hier ist die alte. Tippen Sie ein, was der Monitor zeigt.</translation>
  </message>
  <message>
   <source>%1: %2, reminder after %3 days</source>
   <translation>%1: %2, Erinnerung nach %3 Tagen</translation>
  </message>
  <message>
   <source>%1: %2.</source>
   <translation>%1: %2.</translation>
  </message>
  <message>
   <source>%1: %2; %3; limits %4; %5</source>
   <translation>%1: %2; %3; Grenzen %4; %5</translation>
  </message>
  <message numerus="yes">
   <source>%1: %n of its figures do not follow from its readings: %2. Somebody has changed it, or it was damaged.</source>
   <translation>
    <numerusform>%1: %n seiner Zahlen folgt nicht aus seinen Messungen: %2. Jemand hat ihn geändert, oder er wurde beschädigt.</numerusform>
    <numerusform>%1: %n seiner Zahlen folgen nicht aus seinen Messungen: %2. Jemand hat ihn geändert, oder er wurde beschädigt.</numerusform>
   </translation>
  </message>
  <message>
   <source>%1: L* %2 a* %3 b* %4, shown within %5 ΔE00.</source>
   <translation>%1: L* %2 a* %3 b* %4, gezeigt innerhalb von ΔE00 %5.</translation>
  </message>
  <message>
   <source>%1: aim %2, before %3, now %4, last time %5. %6</source>
   <translation>%1: Ziel %2, vorher %3, jetzt %4, letztes Mal %5. %6</translation>
  </message>
  <message numerus="yes">
   <source>%1: all %n figures follow from its readings.</source>
   <translation>
    <numerusform>%1: Seine %n Zahl folgt aus seinen Messungen.</numerusform>
    <numerusform>%1: Alle %n Zahlen folgen aus seinen Messungen.</numerusform>
   </translation>
  </message>
  <message>
   <source>%1: all figures are within their limits, and the one that comes nearest, "%2", is at %3 % of its limit</source>
   <translation>%1: Alle Zahlen liegen in ihren Grenzen, und die, die am nächsten kommt, „%2“, bei %3 % ihrer Grenze</translation>
  </message>
  <message>
   <source>%1: another meter, %2</source>
   <translation>%1: anderes Messgerät, %2</translation>
  </message>
  <message>
   <source>%1: calibrated</source>
   <translation>%1: kalibriert</translation>
  </message>
  <message>
   <source>%1: calibrated to another aim, %2</source>
   <translation>%1: auf ein anderes Ziel kalibriert, %2</translation>
  </message>
  <message>
   <source>%1: correction for %2 panels</source>
   <translation>%1: Korrektur für Panels der Art „%2“</translation>
  </message>
  <message>
   <source>%1: could give %2 cd/m², contrast %3; gives up %4 % of its light, %5 % of its contrast, %6 % of its gamut</source>
   <translation>%1: könnte %2 cd/m² geben, Kontrast %3; gibt %4 % seines Lichts auf, %5 % seines Kontrasts, %6 % seines Farbumfangs</translation>
  </message>
  <message>
   <source>%1: falls by %2 in 30 days</source>
   <translation>%1: fällt um %2 in 30 Tagen</translation>
  </message>
  <message>
   <source>%1: holds %2 of its volume, %3 of its u'v' area; volume ratio %4</source>
   <translation>%1: enthält %2 seines Volumens, %3 seiner Fläche in u'v'; Verhältnis der Volumen %4</translation>
  </message>
  <message>
   <source>%1: its controls cannot be reached and stay as they are.</source>
   <translation>%1: Die Regler sind nicht zu erreichen und bleiben, wie sie sind.</translation>
  </message>
  <message>
   <source>%1: its light no longer reaches the aim, with its brightness at the top</source>
   <translation>%1: Sein Licht erreicht das Ziel nicht mehr, bei voller Helligkeit</translation>
  </message>
  <message>
   <source>%1: mean %2 ± %3 ΔE00 from the last run, worst %4; white Δu'v' %5, luminance %6 %</source>
   <translation>%1: im Mittel %2 ± %3 ΔE00 vom letzten Lauf, größte %4; Weiß Δu'v' %5, Leuchtdichte %6 %</translation>
  </message>
  <message>
   <source>%1: no unit is done yet. Connect one, hang the meter on it, and scan or type its serial number.</source>
   <translation>%1: Noch ist kein Exemplar fertig. Schließen Sie eines an, hängen Sie das Messgerät darauf, und lesen Sie seine Seriennummer ein.</translation>
  </message>
  <message>
   <source>%1: not read</source>
   <translation>%1: nicht gemessen</translation>
  </message>
  <message>
   <source>%1: nothing speaks against it.</source>
   <translation>%1: nichts spricht dagegen.</translation>
  </message>
  <message>
   <source>%1: nothing yet.</source>
   <translation>%1: noch nichts.</translation>
  </message>
  <message>
   <source>%1: one less</source>
   <translation>%1: eins weniger</translation>
  </message>
  <message>
   <source>%1: one more</source>
   <translation>%1: eins mehr</translation>
  </message>
  <message>
   <source>%1: read too seldom to tell how it drifts. It takes three proofs, two of them after one calibration.</source>
   <translation>%1: zu selten gemessen, um zu sagen, wie er wandert. Es braucht drei Nachweise, zwei davon nach einer Kalibrierung.</translation>
  </message>
  <message>
   <source>%1: reading %2 of %3</source>
   <translation>%1: Messung %2 von %3</translation>
  </message>
  <message>
   <source>%1: right after its calibration its figure "%2" was at %3 % of its limit</source>
   <translation>%1: Gleich nach seiner Kalibrierung lag seine Zahl „%2“ bei %3 % ihrer Grenze</translation>
  </message>
  <message>
   <source>%1: rises by %2 in 30 days</source>
   <translation>%1: steigt um %2 in 30 Tagen</translation>
  </message>
  <message>
   <source>%1: the certificate of %2 runs out</source>
   <translation>%1: Zertifikat von %2 läuft ab</translation>
  </message>
  <message>
   <source>%1: the number typed in does not fit, for %2. Look at what the monitor shows.</source>
   <translation>%1: Die eingetippte Zahl passt nicht, bei %2. Sehen Sie nach, was der Monitor zeigt.</translation>
  </message>
  <message>
   <source>%1: the report says %2, its readings give %3</source>
   <translation>%1: Der Bericht sagt %2, seine Messungen ergeben %3</translation>
  </message>
  <message>
   <source>%1: white %2, Δu'v' %3, %4 cd/m²; greys mean %5 ΔE00; colours mean %6, worst %7 ΔE00</source>
   <translation>%1: Weiß %2, Δu'v' %3, %4 cd/m²; Graustufen im Mittel %5 ΔE00; Farben im Mittel %6, größte %7 ΔE00</translation>
  </message>
  <message>
   <source>%1; no meter yet</source>
   <translation>%1; noch kein Messgerät</translation>
  </message>
  <message>
   <source>%1x%2 is not possible</source>
   <translation>%1x%2 ist nicht möglich</translation>
  </message>
  <message>
   <source>&amp;About Bold Lantern</source>
   <translation>&amp;Über Bold Lantern</translation>
  </message>
  <message>
   <source>&amp;Aim…</source>
   <translation>&amp;Ziel…</translation>
  </message>
  <message>
   <source>&amp;Back up the logbook…</source>
   <translation>Logbuch si&amp;chern…</translation>
  </message>
  <message>
   <source>&amp;Bench</source>
   <translation>&amp;Prüfstand</translation>
  </message>
  <message>
   <source>&amp;Better meter</source>
   <translation>&amp;Besseres Messgerät</translation>
  </message>
  <message>
   <source>&amp;Certificate…</source>
   <translation>&amp;Zertifikat…</translation>
  </message>
  <message>
   <source>&amp;Check first</source>
   <translation>&amp;Kurzprüfung</translation>
  </message>
  <message>
   <source>&amp;Close the batch</source>
   <translation>Serie s&amp;chließen</translation>
  </message>
  <message>
   <source>&amp;Correction from a file…</source>
   <translation>Korrektur aus e&amp;iner Datei…</translation>
  </message>
  <message>
   <source>&amp;Difference of colours</source>
   <translation>&amp;Farbabstand</translation>
  </message>
  <message>
   <source>&amp;Discard</source>
   <translation>&amp;Verwerfen</translation>
  </message>
  <message>
   <source>&amp;Discard the run</source>
   <translation>Lauf &amp;verwerfen</translation>
  </message>
  <message>
   <source>&amp;Display</source>
   <translation>Bild&amp;schirm</translation>
  </message>
  <message>
   <source>&amp;Edit</source>
   <translation>&amp;Bearbeiten</translation>
  </message>
  <message>
   <source>&amp;Elsewhere on the screen</source>
   <translation>&amp;Anderswo auf den Schirm</translation>
  </message>
  <message>
   <source>&amp;File</source>
   <translation>&amp;Datei</translation>
  </message>
  <message>
   <source>&amp;First steps</source>
   <translation>&amp;Erste Schritte</translation>
  </message>
  <message>
   <source>&amp;Forget</source>
   <translation>&amp;Vergessen</translation>
  </message>
  <message>
   <source>&amp;Forget them</source>
   <translation>Ver&amp;gessen</translation>
  </message>
  <message>
   <source>&amp;Glossary</source>
   <translation>&amp;Glossar</translation>
  </message>
  <message>
   <source>&amp;Go on</source>
   <translation>&amp;Weiter</translation>
  </message>
  <message>
   <source>&amp;Go on with it</source>
   <translation>&amp;Damit weiter</translation>
  </message>
  <message>
   <source>&amp;Handbook</source>
   <translation>&amp;Handbuch</translation>
  </message>
  <message>
   <source>&amp;Help</source>
   <translation>&amp;Hilfe</translation>
  </message>
  <message>
   <source>&amp;Its evenness</source>
   <translation>&amp;Gleichmäßigkeit</translation>
  </message>
  <message>
   <source>&amp;Job</source>
   <translation>Au&amp;fgabe</translation>
  </message>
  <message>
   <source>&amp;Keep</source>
   <translation>Behal&amp;ten</translation>
  </message>
  <message>
   <source>&amp;Keep %1</source>
   <translation>%1 &amp;behalten</translation>
  </message>
  <message>
   <source>&amp;Keep as a profile</source>
   <translation>Als P&amp;rofil behalten</translation>
  </message>
  <message>
   <source>&amp;Keep it in force from every login on</source>
   <translation>Von jedem Anmelden an &amp;in Kraft halten</translation>
  </message>
  <message>
   <source>&amp;Keep the correction</source>
   <translation>&amp;Korrektur behalten</translation>
  </message>
  <message>
   <source>&amp;Leave it</source>
   <translation>&amp;Lassen</translation>
  </message>
  <message>
   <source>&amp;Leave the match</source>
   <translation>Angleichen &amp;verlassen</translation>
  </message>
  <message>
   <source>&amp;Let the program turn them</source>
   <translation>Das Pr&amp;ogramm stellen lassen</translation>
  </message>
  <message>
   <source>&amp;Lightness of the middle</source>
   <translation>Hellig&amp;keit der Mitte</translation>
  </message>
  <message>
   <source>&amp;Look at its run</source>
   <translation>Seinen Lau&amp;f ansehen</translation>
  </message>
  <message>
   <source>&amp;Looks</source>
   <translation>Aussehen</translation>
  </message>
  <message>
   <source>&amp;Luminance</source>
   <translation>Leu&amp;chtdichte</translation>
  </message>
  <message>
   <source>&amp;Meter</source>
   <translation>&amp;Messgerät</translation>
  </message>
  <message>
   <source>&amp;Mixed with</source>
   <translation>Gemischt mit</translation>
  </message>
  <message>
   <source>&amp;Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>&amp;Next step</source>
   <translation>Nächster Schri&amp;tt</translation>
  </message>
  <message>
   <source>&amp;Night light</source>
   <translation>&amp;Nachtlicht</translation>
  </message>
  <message>
   <source>&amp;Off the screen</source>
   <translation>&amp;Neben den Schirm</translation>
  </message>
  <message>
   <source>&amp;Open</source>
   <translation>&amp;Öffnen</translation>
  </message>
  <message>
   <source>&amp;Open a logo…</source>
   <translation>&amp;Logo öffnen…</translation>
  </message>
  <message>
   <source>&amp;Open its folder</source>
   <translation>Seinen Ordner &amp;öffnen</translation>
  </message>
  <message>
   <source>&amp;Open the page</source>
   <translation>Seite &amp;öffnen</translation>
  </message>
  <message>
   <source>&amp;Open…</source>
   <translation>&amp;Öffnen…</translation>
  </message>
  <message>
   <source>&amp;Pages</source>
   <translation>&amp;Seiten</translation>
  </message>
  <message>
   <source>&amp;Panel technology</source>
   <translation>Art des &amp;Panels</translation>
  </message>
  <message>
   <source>&amp;Pause</source>
   <translation>&amp;Unterbrechen</translation>
  </message>
  <message>
   <source>&amp;Print a page for the client…</source>
   <translation>Seite für den Kunden &amp;drucken…</translation>
  </message>
  <message>
   <source>&amp;Queue it</source>
   <translation>E&amp;inreihen</translation>
  </message>
  <message>
   <source>&amp;Quit</source>
   <translation>&amp;Beenden</translation>
  </message>
  <message>
   <source>&amp;Read with %1</source>
   <translation>&amp;Mit %1 messen</translation>
  </message>
  <message>
   <source>&amp;Redo</source>
   <translation>&amp;Wiederholen</translation>
  </message>
  <message>
   <source>&amp;Remove</source>
   <translation>Entfernen</translation>
  </message>
  <message>
   <source>&amp;Rescue it</source>
   <translation>&amp;Retten</translation>
  </message>
  <message>
   <source>&amp;Run</source>
   <translation>&amp;Lauf</translation>
  </message>
  <message>
   <source>&amp;Settings</source>
   <translation>&amp;Einstellungen</translation>
  </message>
  <message>
   <source>&amp;Source</source>
   <translation>&amp;Quelle</translation>
  </message>
  <message>
   <source>&amp;Speed</source>
   <translation>&amp;Tempo</translation>
  </message>
  <message>
   <source>&amp;Stop</source>
   <translation>Bee&amp;nden</translation>
  </message>
  <message>
   <source>&amp;Take over</source>
   <translation>&amp;Übernehmen</translation>
  </message>
  <message>
   <source>&amp;Text</source>
   <translation>&amp;Text</translation>
  </message>
  <message>
   <source>&amp;To the checklist</source>
   <translation>Zur Pr&amp;üfliste</translation>
  </message>
  <message>
   <source>&amp;Tone curve</source>
   <translation>T&amp;onwertkurve</translation>
  </message>
  <message>
   <source>&amp;Turn them by hand</source>
   <translation>&amp;Von Hand drehen</translation>
  </message>
  <message>
   <source>&amp;Undo</source>
   <translation>&amp;Rückgängig</translation>
  </message>
  <message>
   <source>&amp;Use it</source>
   <translation>&amp;Verwenden</translation>
  </message>
  <message>
   <source>&amp;Use this chart</source>
   <translation>Diese Tafel &amp;verwenden</translation>
  </message>
  <message>
   <source>&amp;Use this one</source>
   <translation>Das &amp;verwenden</translation>
  </message>
  <message>
   <source>&amp;View</source>
   <translation>&amp;Ansicht</translation>
  </message>
  <message>
   <source>&amp;Watch it</source>
   <translation>Beoba&amp;chten</translation>
  </message>
  <message>
   <source>&amp;White point</source>
   <translation>Weißpun&amp;kt</translation>
  </message>
  <message>
   <source>&amp;Who makes the reports…</source>
   <translation>Wer die Berich&amp;te macht…</translation>
  </message>
  <message>
   <source>(%1 readings)</source>
   <translation>(%1 Messungen)</translation>
  </message>
  <message>
   <source>, %1 cd/m² from its %2</source>
   <translation>, %1 cd/m² von seinem %2</translation>
  </message>
  <message>
   <source>, %1 min left</source>
   <translation>, noch %1 min</translation>
  </message>
  <message>
   <source>, %1 s left</source>
   <translation>, noch %1 s</translation>
  </message>
  <message>
   <source>, asked for %1</source>
   <translation>, verlangt war %1</translation>
  </message>
  <message>
   <source>, run</source>
   <translation>, Lauf</translation>
  </message>
  <message>
   <source>1  Black level</source>
   <translation>1  Schwarzwert</translation>
  </message>
  <message>
   <source>100 ± %1</source>
   <translation>100 ± %1</translation>
  </message>
  <message>
   <source>127.0.0.1 (this computer only)</source>
   <translation>127.0.0.1 (nur dieser Rechner)</translation>
  </message>
  <message>
   <source>2  Contrast</source>
   <translation>2  Kontrast</translation>
  </message>
  <message>
   <source>2 (v2.4) or 4 (v4.4) is expected</source>
   <translation>2 (v2.4) oder 4 (v4.4) wird erwartet</translation>
  </message>
  <message>
   <source>2.0425, as in the published table of test pairs</source>
   <translation>2,0425, wie in der veröffentlichten Tabelle von Prüfpaaren</translation>
  </message>
  <message>
   <source>200 patches for run --chart, and how long they take</source>
   <translation>200 Felder für run --chart, und wie lange sie dauern</translation>
  </message>
  <message>
   <source>24-patch chart</source>
   <translation>Tafel mit 24 Feldern</translation>
  </message>
  <message>
   <source>24-patch rendition chart</source>
   <translation>Wiedergabetafel mit 24 Feldern</translation>
  </message>
  <message>
   <source>25 fields of two greys</source>
   <translation>25 Felder mit zwei Graustufen</translation>
  </message>
  <message>
   <source>3  Gamma, grey</source>
   <translation>3  Gamma, Grau</translation>
  </message>
  <message>
   <source>4  Gamma, red</source>
   <translation>4  Gamma, Rot</translation>
  </message>
  <message>
   <source>40 colours</source>
   <translation>40 Farben</translation>
  </message>
  <message>
   <source>5  Gamma, green</source>
   <translation>5  Gamma, Grün</translation>
  </message>
  <message>
   <source>6  Gamma, blue</source>
   <translation>6  Gamma, Blau</translation>
  </message>
  <message>
   <source>6500 K daylight (D65) for screen work, 5000 K (D50) beside prints in a viewing booth.</source>
   <translation>Tageslicht 6500 K (D65) für Bildschirmarbeit, 5000 K (D50) neben Drucken in einer Abmusterungskabine.</translation>
  </message>
  <message>
   <source>7  Neutral grey</source>
   <translation>7  Neutrales Grau</translation>
  </message>
  <message>
   <source>76, 94, cmc (2:1), 2000 or itp</source>
   <translation>76, 94, cmc (2:1), 2000 oder itp</translation>
  </message>
  <message>
   <source>8  Profile</source>
   <translation>8  Profil</translation>
  </message>
  <message>
   <source>80 to 120 cd/m² for photo work, less in a dim room; beside prints as light as the paper: 135 in a booth of 500 lx.</source>
   <translation>80 bis 120 cd/m² für Fotoarbeit, weniger im dunklen Raum; neben Drucken so hell wie das Papier: 135 in einer Kabine mit 500 lx.</translation>
  </message>
  <message>
   <source>95 % are below</source>
   <translation>95 % liegen unter</translation>
  </message>
  <message>
   <source>96 patches suffice for most displays. Otherwise the program picks patches where it is least certain, and stops at the mean error it expects, or at the time.</source>
   <translation>96 Felder genügen für die meisten Bildschirme. Sonst wählt das Programm Felder, wo es am unsichersten ist, und hört beim erwarteten mittleren Fehler oder nach der Zeit auf.</translation>
  </message>
  <message>
   <source>A CGATS file (ISO 28178) is expected.</source>
   <translation>Eine CGATS-Datei (ISO 28178) wird erwartet.</translation>
  </message>
  <message>
   <source>A CGATS or CxF3 file is expected, or CSV whose first line names the columns name, L, a, b or name, R, G, B.</source>
   <translation>Eine CGATS- oder CxF3-Datei wird erwartet, oder CSV, deren erste Zeile die Spalten name, L, a, b oder name, R, G, B nennt.</translation>
  </message>
  <message>
   <source>A CxF3 file (ISO 17972-1) with ColorCIELab, ColorCIEXYZ or ColorSRGB values is expected.</source>
   <translation>Eine CxF3-Datei (ISO 17972-1) mit Werten ColorCIELab, ColorCIEXYZ oder ColorSRGB wird erwartet.</translation>
  </message>
  <message>
   <source>A Wayland session.</source>
   <translation>Eine Wayland-Sitzung.</translation>
  </message>
  <message>
   <source>A browser does not tell.</source>
   <translation>Ein Browser sagt es nicht.</translation>
  </message>
  <message>
   <source>A channel has no more to give, so that it is darker than asked.</source>
   <translation>Ein Kanal hat nichts mehr zu geben, so dass es dunkler ist als verlangt.</translation>
  </message>
  <message>
   <source>A chart of your own</source>
   <translation>Eine eigene Farbtafel</translation>
  </message>
  <message>
   <source>A check is due now.</source>
   <translation>Eine Prüfung ist jetzt fällig.</translation>
  </message>
  <message>
   <source>A colorimeter without a correction misreads some kinds of panel. The Meter menu makes one; a spectral meter needs none.</source>
   <translation>Ein Kolorimeter ohne Korrektur misst manche Arten von Panel falsch. Das Menü Messgerät macht eine; ein Spektralgerät braucht keine.</translation>
  </message>
  <message>
   <source>A colour filter, a night light, or gains that were turned far.</source>
   <translation>Ein Farbfilter, ein Nachtlicht oder weit verstellte Verstärkungen.</translation>
  </message>
  <message>
   <source>A correction is made from red, green, blue and white at full drive.</source>
   <translation>Eine Korrektur wird aus Rot, Grün, Blau und Weiß bei voller Ansteuerung gemacht.</translation>
  </message>
  <message>
   <source>A display came or went, so the run was stopped. Nothing is lost: go on with it.</source>
   <translation>Ein Bildschirm kam oder ging, also wurde der Lauf beendet. Nichts ist verloren: Fahren Sie fort.</translation>
  </message>
  <message>
   <source>A display is being measured</source>
   <translation>Ein Bildschirm wird gemessen</translation>
  </message>
  <message>
   <source>A dot for each pixel</source>
   <translation>Ein Punkt je Pixel</translation>
  </message>
  <message>
   <source>A file: CGATS, CxF3 or CSV with Lab or RGB; a print control strip, spot colours, a picture's key colours.</source>
   <translation>Eine Datei: CGATS, CxF3 oder CSV mit Lab oder RGB; ein Druckkontrollstreifen, Sonderfarben, die Hauptfarben eines Bildes.</translation>
  </message>
  <message>
   <source>A gap lets in light and reads too dark.</source>
   <translation>Ein Spalt lässt Licht herein und misst zu dunkel.</translation>
  </message>
  <message>
   <source>A greyscale after DICOM PS3.14 alone makes no display fit for diagnosis; this report does not say so.</source>
   <translation>Eine Grauskala nach DICOM PS3.14 allein macht keinen Bildschirm zur Diagnose tauglich; dieser Bericht sagt das nicht.</translation>
  </message>
  <message>
   <source>A measurement was stopped before its end; all that it read is kept, and it can go on.</source>
   <translation>Eine Messung wurde vor ihrem Ende beendet; alles Gemessene ist behalten, und sie kann weitergehen.</translation>
  </message>
  <message>
   <source>A monitor has modes of its own, and some of them do things to colours that no calibration mends. Each is read as it is, without a video LUT.</source>
   <translation>Ein Monitor hat eigene Modi, und manche tun mit Farben, was keine Kalibrierung heilt. Jeder wird gemessen, wie er ist, ohne Video-LUT.</translation>
  </message>
  <message>
   <source>A night light tints everything that is shown.</source>
   <translation>Ein Nachtlicht tönt alles, was gezeigt wird.</translation>
  </message>
  <message>
   <source>A number of patches</source>
   <translation>Eine Zahl von Feldern</translation>
  </message>
  <message>
   <source>A page for the client</source>
   <translation>Eine Seite für den Kunden</translation>
  </message>
  <message>
   <source>A page has no video LUT.</source>
   <translation>Eine Seite hat keine Video-LUT.</translation>
  </message>
  <message>
   <source>A page reaches no controls.</source>
   <translation>Eine Seite erreicht keine Regler.</translation>
  </message>
  <message>
   <source>A patch that moves from one display to the other</source>
   <translation>Ein Feld, das von einem Bildschirm zum anderen wandert</translation>
  </message>
  <message>
   <source>A picture mode (vivid, film, dynamic contrast) is at work.</source>
   <translation>Ein Bildmodus (lebhaft, Film, dynamischer Kontrast) ist am Werk.</translation>
  </message>
  <message>
   <source>A picture of your own; PNG, TIFF or JPEG. It can be dropped here, too, and so can a folder.</source>
   <translation>Ein eigenes Bild; PNG, TIFF oder JPEG. Es kann auch hierher gezogen werden, ein Ordner ebenso.</translation>
  </message>
  <message>
   <source>A profile is being built from %1…</source>
   <translation>Aus %1 wird ein Profil gebaut…</translation>
  </message>
  <message>
   <source>A profile of another device is installed on that device.</source>
   <translation>Ein Profil eines anderen Geräts wird auf jenem Gerät installiert.</translation>
  </message>
  <message>
   <source>A profile of its own name that says it was fine-tuned by eye, and its video LUT; the page Profile has it beside the others.</source>
   <translation>Ein Profil mit eigenem Namen, das sagt, dass es nach Augenmaß feinabgestimmt wurde, und seine Video-LUT; die Seite Profil hat es neben den anderen.</translation>
  </message>
  <message>
   <source>A profile will be described here when a run has measured this display.</source>
   <translation>Ein Profil wird hier beschrieben, wenn ein Lauf diesen Bildschirm gemessen hat.</translation>
  </message>
  <message>
   <source>A profile's file…</source>
   <translation>Datei eines Profils…</translation>
  </message>
  <message>
   <source>A run has its own LUT in force. Stop it before another profile is used.</source>
   <translation>Ein Lauf hat seine eigene LUT in Kraft. Beenden Sie ihn, ehe ein anderes Profil verwendet wird.</translation>
  </message>
  <message>
   <source>A run is under way on this display. Stop it before choosing another.</source>
   <translation>Auf diesem Bildschirm ist ein Lauf im Gang. Beenden Sie ihn, ehe Sie einen anderen wählen.</translation>
  </message>
  <message>
   <source>A run is under way.</source>
   <translation>Ein Lauf ist im Gang.</translation>
  </message>
  <message>
   <source>A run is under way. Finish or stop it first.</source>
   <translation>Ein Lauf ist im Gang. Beenden Sie ihn zuerst.</translation>
  </message>
  <message>
   <source>A seam around what this display cannot show of the print: more than %1 ΔE00 off.</source>
   <translation>Ein Saum um das, was dieser Bildschirm vom Druck nicht zeigen kann: mehr als %1 ΔE00 daneben.</translation>
  </message>
  <message>
   <source>A serial number that is scanned while nothing else waits begins.</source>
   <translation>Eine Seriennummer, die eingelesen wird, während nichts anderes wartet, beginnt.</translation>
  </message>
  <message>
   <source>A set of limits needs a name to be called by.</source>
   <translation>Ein Satz Grenzen braucht einen Namen.</translation>
  </message>
  <message>
   <source>A signal of limited range (16 to 235) is shown as if it were full, or light falls on the screen.</source>
   <translation>Ein Signal mit begrenztem Bereich (16 bis 235) wird gezeigt, als wäre es voll, oder Licht fällt auf den Schirm.</translation>
  </message>
  <message>
   <source>A small helper, the Keeper, loads profile and video LUT at login, after sleep and when a display is connected, tells when another program has changed them, and reminds.</source>
   <translation>Ein kleiner Helfer, der Wächter, lädt Profil und Video-LUT beim Anmelden, nach dem Ruhezustand und wenn ein Bildschirm angeschlossen wird, meldet, wenn ein anderes Programm sie geändert hat, und erinnert.</translation>
  </message>
  <message>
   <source>A tablet, a phone or another computer shows the patches in its browser, while the meter hangs on it and is read here. Nothing has to be installed there.</source>
   <translation>Ein Tablet, ein Telefon oder ein anderer Rechner zeigt die Felder in seinem Browser, während das Messgerät darauf hängt und hier gelesen wird. Dort muss nichts installiert werden.</translation>
  </message>
  <message>
   <source>A unit that stays in the workshop and is read now and then, so that a meter that drifts is noticed.</source>
   <translation>Ein Exemplar, das in der Werkstatt bleibt und ab und zu gemessen wird, damit ein wanderndes Messgerät auffällt.</translation>
  </message>
  <message>
   <source>A white subpixel, or a mode that boosts white: no profile can make its colours as light as its white.</source>
   <translation>Ein weißer Teilpunkt oder ein Modus, der Weiß verstärkt: Kein Profil kann seine Farben so hell machen wie sein Weiß.</translation>
  </message>
  <message>
   <source>A, D50, D55, D65, D75, E (Y = 1) or X,Y,Z in any scale; default D50, with srgb D65. srgb is adapted from D65 with Bradford</source>
   <translation>A, D50, D55, D65, D75, E (Y = 1) oder X,Y,Z in beliebigem Maßstab; sonst D50, mit srgb D65. srgb wird von D65 mit Bradford adaptiert</translation>
  </message>
  <message>
   <source>ADDRESS:PORT is expected</source>
   <translation>ADDRESS:PORT wird erwartet</translation>
  </message>
  <message>
   <source>ADDRESS:PORT of this computer: patches in the browser of a device that opens it there</source>
   <translation>ADRESSE:PORT dieses Rechners: Felder im Browser eines Geräts, das sie dort öffnet</translation>
  </message>
  <message>
   <source>About Bold Lantern</source>
   <translation>Über Bold Lantern</translation>
  </message>
  <message>
   <source>Address and code, to be scanned</source>
   <translation>Adresse und Code, zum Einlesen</translation>
  </message>
  <message>
   <source>Address of this computer</source>
   <translation>Adresse dieses Rechners</translation>
  </message>
  <message>
   <source>Adds up
ΔE00</source>
   <translation>Geht auf
ΔE00</translation>
  </message>
  <message>
   <source>Adjust white</source>
   <translation>Weiß einstellen</translation>
  </message>
  <message>
   <source>Adjusting white</source>
   <translation>Weiß wird eingestellt</translation>
  </message>
  <message>
   <source>Adobe RGB (1998)</source>
   <translation>Adobe RGB (1998)</translation>
  </message>
  <message>
   <source>After a change the display takes up to %1 s from bright to dark and %2 s from dark to bright; each reading waited that long.</source>
   <translation>Nach einem Wechsel braucht der Bildschirm bis zu %1 s von hell nach dunkel und %2 s von dunkel nach hell; so lange hat jede Messung gewartet.</translation>
  </message>
  <message>
   <source>Against %1: %2.</source>
   <translation>Gegen %1: %2.</translation>
  </message>
  <message>
   <source>Agreement</source>
   <translation>Übereinstimmung</translation>
  </message>
  <message>
   <source>Aim</source>
   <translation>Ziel</translation>
  </message>
  <message>
   <source>Aim:</source>
   <translation>Ziel:</translation>
  </message>
  <message>
   <source>Aim: %1:</source>
   <translation>Ziel: %1:</translation>
  </message>
  <message>
   <source>Aimed L* a* b*</source>
   <translation>L* a* b* verlangt</translation>
  </message>
  <message>
   <source>Aims (*.json)</source>
   <translation>Ziele (*.json)</translation>
  </message>
  <message>
   <source>Aims, limits, charts, lights and corrections of your own lie beside the logbook, a file each. Where other files are opened and saved, the program begins in the folder of the last time.</source>
   <translation>Eigene Ziele, Grenzen, Farbtafeln, Lichter und Korrekturen liegen neben dem Logbuch, je eine Datei. Wo andere Dateien geöffnet und gesichert werden, beginnt das Programm im Ordner vom letzten Mal.</translation>
  </message>
  <message>
   <source>Aims, pictures, readings, profiles … to open.</source>
   <translation>Ziele, Bilder, Messungen, Profile … zum Öffnen.</translation>
  </message>
  <message>
   <source>Alike</source>
   <translation>Angleichen</translation>
  </message>
  <message>
   <source>All can share %1.%2</source>
   <translation>Alle können %1 teilen.%2</translation>
  </message>
  <message>
   <source>All can share: %1; their common gamut holds %2 % of sRGB, %3 % of P3.</source>
   <translation>Alle können teilen: %1; ihr gemeinsamer Farbumfang enthält %2 % von sRGB, %3 % von P3.</translation>
  </message>
  <message>
   <source>All displays</source>
   <translation>Alle Bildschirme</translation>
  </message>
  <message>
   <source>All files (*)</source>
   <translation>Alle Dateien (*)</translation>
  </message>
  <message>
   <source>All is read.</source>
   <translation>Alles ist gemessen.</translation>
  </message>
  <message>
   <source>All meters</source>
   <translation>Alle Messgeräte</translation>
  </message>
  <message>
   <source>All of it</source>
   <translation>Alles</translation>
  </message>
  <message>
   <source>All of it is in %1, %2 bytes.</source>
   <translation>Alles ist in %1, %2 Byte.</translation>
  </message>
  <message>
   <source>All of its %1 colours can be shown.</source>
   <translation>Alle seine %1 Farben lassen sich zeigen.</translation>
  </message>
  <message>
   <source>All of the logbook is in %1.</source>
   <translation>Das ganze Logbuch ist in %1.</translation>
  </message>
  <message>
   <source>All of them can share %1; light is limited by %2, contrast by %3. Their common gamut holds %4 of sRGB and %5 of P3.</source>
   <translation>Alle können %1 teilen; das Licht begrenzt %2, den Kontrast %3. Ihr gemeinsamer Farbumfang hält %4 von sRGB und %5 von P3.</translation>
  </message>
  <message>
   <source>All pages, with a search, in your browser. Nothing is fetched from anywhere.</source>
   <translation>Alle Seiten, mit einer Suche, in Ihrem Browser. Nichts wird irgendwoher geholt.</translation>
  </message>
  <message>
   <source>All patches, mean ΔE00</source>
   <translation>Alle Felder, ΔE00 im Mittel</translation>
  </message>
  <message>
   <source>All people</source>
   <translation>Alle Personen</translation>
  </message>
  <message>
   <source>All that was done, newest first. A stroke for each figure; the dotted line is its limit.</source>
   <translation>Alles, was getan wurde, das Neueste zuerst. Ein Strich für jede Zahl; die punktierte Linie ist ihre Grenze.</translation>
  </message>
  <message>
   <source>All there is</source>
   <translation>Alles, was es gibt</translation>
  </message>
  <message>
   <source>All users of this machine find the profile now.</source>
   <translation>Alle Benutzer dieses Rechners finden das Profil nun.</translation>
  </message>
  <message>
   <source>All work</source>
   <translation>Alle Arbeit</translation>
  </message>
  <message>
   <source>All workstations</source>
   <translation>Alle Arbeitsplätze</translation>
  </message>
  <message>
   <source>An ICC profile of an RGB display is expected.</source>
   <translation>Ein ICC-Profil eines RGB-Bildschirms wird erwartet.</translation>
  </message>
  <message>
   <source>An X11 session.</source>
   <translation>Eine X11-Sitzung.</translation>
  </message>
  <message>
   <source>An aim is a white, a brightness and a tone curve. There is one ready for each kind of work, with the reason beside it.</source>
   <translation>Ein Ziel ist ein Weiß, eine Helligkeit und eine Tonwertkurve. Für jede Art von Arbeit liegt eines bereit, mit dem Grund daneben.</translation>
  </message>
  <message>
   <source>An empty limit is not asked for.</source>
   <translation>Eine leere Grenze wird nicht verlangt.</translation>
  </message>
  <message>
   <source>Another display is being measured there, or that program hangs: end it.</source>
   <translation>Dort wird ein anderer Bildschirm gemessen, oder jenes Programm hängt: Beenden Sie es.</translation>
  </message>
  <message>
   <source>Another profile than the last run's was chosen for this display. Take the run's own first, on the page Profile.</source>
   <translation>Für diesen Bildschirm wurde ein anderes Profil als das des letzten Laufs gewählt. Nehmen Sie zuerst das des Laufs, auf der Seite Profil.</translation>
  </message>
  <message>
   <source>Another program did it: %1.</source>
   <translation>Ein anderes Programm war es: %1.</translation>
  </message>
  <message>
   <source>Another program has changed the profile or the video LUT of this display. The page Profile puts it back.</source>
   <translation>Ein anderes Programm hat Profil oder Video-LUT dieses Bildschirms geändert. Die Seite Profil stellt sie wieder her.</translation>
  </message>
  <message>
   <source>Another program has loaded a video LUT on this display, so this reading was thrown away. Stop night light and other programs that load profiles; going on loads ours again.</source>
   <translation>Ein anderes Programm hat auf diesem Bildschirm eine Video-LUT geladen, also wurde diese Messung verworfen. Halten Sie Nachtlicht und andere Programme an, die Profile laden; „Weiter“ lädt unsere wieder.</translation>
  </message>
  <message>
   <source>Another program holds it: end night light and whatever else tints the screen.</source>
   <translation>Ein anderes Programm hält sie: Beenden Sie Nachtlicht und was sonst den Schirm tönt.</translation>
  </message>
  <message>
   <source>Another program is using it. End that, and go on.</source>
   <translation>Ein anderes Programm verwendet es. Beenden Sie das, dann weiter.</translation>
  </message>
  <message>
   <source>Answers in</source>
   <translation>Antwortet in</translation>
  </message>
  <message>
   <source>Any time</source>
   <translation>Jederzeit</translation>
  </message>
  <message>
   <source>Any verdict</source>
   <translation>Jedes Urteil</translation>
  </message>
  <message>
   <source>Are the columns in order, and is the display not inverted?</source>
   <translation>Stehen die Spalten in der richtigen Folge, und ist der Bildschirm nicht invertiert?</translation>
  </message>
  <message>
   <source>Arrows: white   Page Up, Page Down: light   + −: middle greys   Space held: as before   Esc: back</source>
   <translation>Pfeile: Weiß   Bild auf, Bild ab: Licht   + −: mittlere Grautöne   Leertaste gehalten: wie zuvor   Esc: zurück</translation>
  </message>
  <message>
   <source>As &amp;detected: %1</source>
   <translation>Wie &amp;erkannt: %1</translation>
  </message>
  <message>
   <source>As detected: %1</source>
   <translation>Wie erkannt: %1</translation>
  </message>
  <message>
   <source>As found</source>
   <translation>Wie vorgefunden</translation>
  </message>
  <message>
   <source>As it is</source>
   <translation>Wie es ist</translation>
  </message>
  <message>
   <source>As light as unprinted paper in it: %1 cd/m².</source>
   <translation>So hell wie unbedrucktes Papier darin: %1 cd/m².</translation>
  </message>
  <message>
   <source>As read</source>
   <translation>Wie gemessen</translation>
  </message>
  <message>
   <source>As the desktop</source>
   <translation>Wie der Desktop</translation>
  </message>
  <message>
   <source>As the display is</source>
   <translation>Wie der Bildschirm ist</translation>
  </message>
  <message>
   <source>At 100 % scale. It has to be twice as wide as what the meter sees, or more; on panels that limit their light a small one is brighter.</source>
   <translation>Bei 100 %. Es muss doppelt so breit sein, wie das Messgerät sieht, oder mehr; auf Panels, die ihr Licht begrenzen, ist ein kleines heller.</translation>
  </message>
  <message>
   <source>Automatic brightness and HDR mode off</source>
   <translation>Automatische Helligkeit und HDR aus</translation>
  </message>
  <message>
   <source>B</source>
   <translation>B</translation>
  </message>
  <message>
   <source>Bac&amp;k it up…</source>
   <translation>Si&amp;chern…</translation>
  </message>
  <message>
   <source>Bac&amp;k to the newest</source>
   <translation>Zur&amp;ück zum neuesten</translation>
  </message>
  <message>
   <source>Back</source>
   <translation>Zurück</translation>
  </message>
  <message>
   <source>Back t&amp;o the calibration</source>
   <translation>Zurück zur &amp;Kalibrierung</translation>
  </message>
  <message>
   <source>Back up the logbook</source>
   <translation>Logbuch sichern</translation>
  </message>
  <message>
   <source>Basic</source>
   <translation>Grundlegend</translation>
  </message>
  <message>
   <source>Before</source>
   <translation>Vorher</translation>
  </message>
  <message>
   <source>Before and after</source>
   <translation>Vorher und nachher</translation>
  </message>
  <message>
   <source>Before is</source>
   <translation>Vorher ist</translation>
  </message>
  <message>
   <source>Before on the left %1 %, now on the rest</source>
   <translation>Vorher links %1 %, jetzt der Rest</translation>
  </message>
  <message>
   <source>Before: as programs show it that know nothing of profiles. Now: as it should look.</source>
   <translation>Vorher: wie Programme es zeigen, die nichts von Profilen wissen. Jetzt: wie es aussehen soll.</translation>
  </message>
  <message>
   <source>Before: as the display of that run showed it then, %1. Now: as it should look.</source>
   <translation>Vorher: wie der Bildschirm jenes Laufs es damals zeigte, %1. Jetzt: wie es aussehen soll.</translation>
  </message>
  <message>
   <source>Before: as the other display shows it through its profile, %1. Now: as this one does. The map has what both show, whether this one can show it or not.</source>
   <translation>Vorher: wie der andere Bildschirm es durch sein Profil zeigt, %1. Jetzt: wie dieser. Die Karte enthält, was beide zeigen, ob dieser es zeigen kann oder nicht.</translation>
  </message>
  <message>
   <source>Before: as the print shows it, the display's white standing for the paper's. Now: as it should look on the display.</source>
   <translation>Vorher: wie der Druck es zeigt, das Weiß des Bildschirms anstelle des Papiers. Jetzt: wie es auf dem Bildschirm aussehen soll.</translation>
  </message>
  <message>
   <source>Before: as the print shows it, with its paper's own white. Now: as it should look on the display.</source>
   <translation>Vorher: wie der Druck es zeigt, mit dem eigenen Weiß des Papiers. Jetzt: wie es auf dem Bildschirm aussehen soll.</translation>
  </message>
  <message>
   <source>Before: how the display showed it as it was found, from its readings, %1. Now: as it should look. Seen best on the calibrated display.</source>
   <translation>Vorher: wie der Bildschirm es vorgefunden zeigte, aus seinen Messungen, %1. Jetzt: wie es aussehen soll. Am besten auf dem kalibrierten Bildschirm zu sehen.</translation>
  </message>
  <message>
   <source>Begin with a line such as: nm,red,green,blue</source>
   <translation>Beginnen Sie mit einer Zeile wie: nm,red,green,blue</translation>
  </message>
  <message>
   <source>Begin with one of: %1.</source>
   <translation>Beginnen Sie mit einem von: %1.</translation>
  </message>
  <message>
   <source>Beginning…</source>
   <translation>Beginnt…</translation>
  </message>
  <message>
   <source>Being made…</source>
   <translation>Wird erstellt…</translation>
  </message>
  <message>
   <source>Being worked out…</source>
   <translation>Wird berechnet…</translation>
  </message>
  <message>
   <source>Beside the print</source>
   <translation>Neben dem Druck</translation>
  </message>
  <message>
   <source>Better meter</source>
   <translation>Besseres Messgerät</translation>
  </message>
  <message>
   <source>Between them a colour is foretold to differ by ΔE00 %1 in the mean, %2 at most (%3). Their whites are Δu'v' %4 apart; the second has %5 % of the first's light.</source>
   <translation>Zwischen ihnen unterscheidet sich eine Farbe vorhergesagt um ΔE00 %1 im Mittel, höchstens %2 (%3). Ihr Weiß liegt Δu'v' %4 auseinander; der zweite hat %5 % des Lichts des ersten.</translation>
  </message>
  <message>
   <source>Bl&amp;ue against yellow</source>
   <translation>Blau &amp;gegen Gelb</translation>
  </message>
  <message>
   <source>Blac&amp;k</source>
   <translation>Schwa&amp;rz</translation>
  </message>
  <message>
   <source>Black</source>
   <translation>Schwarz</translation>
  </message>
  <message>
   <source>Black body</source>
   <translation>Schwarzer Strahler</translation>
  </message>
  <message>
   <source>Black has %1 % of white's light, and the greys above it rise flatly.</source>
   <translation>Schwarz hat %1 % des Lichts von Weiß, und die Grautöne darüber steigen flach.</translation>
  </message>
  <message>
   <source>Black over before</source>
   <translation>Schwarz gegen vorher</translation>
  </message>
  <message>
   <source>Black, cd/m²</source>
   <translation>Schwarz, cd/m²</translation>
  </message>
  <message>
   <source>Black, luminance</source>
   <translation>Schwarz, Leuchtdichte</translation>
  </message>
  <message>
   <source>Blue gain</source>
   <translation>Verstärkung Blau</translation>
  </message>
  <message>
   <source>Bold Lantern</source>
   <translation>Bold Lantern</translation>
  </message>
  <message>
   <source>Bold Lantern %1</source>
   <translation>Bold Lantern %1</translation>
  </message>
  <message>
   <source>Bold Lantern cannot start</source>
   <translation>Bold Lantern kann nicht starten</translation>
  </message>
  <message>
   <source>Bold Lantern on the command line: measure, profile and validate displays.</source>
   <translation>Bold Lantern auf der Befehlszeile: Bildschirme messen, profilieren und prüfen.</translation>
  </message>
  <message>
   <source>Bold Lantern · %1</source>
   <translation>Bold Lantern · %1</translation>
  </message>
  <message>
   <source>Both displays turn black but for the patch. Left, Right and Space move it, Esc ends it.</source>
   <translation>Beide Bildschirme werden schwarz bis auf das Feld. Links, Rechts und Leertaste bewegen es, Esc beendet.</translation>
  </message>
  <message>
   <source>Both ends of the scale are cut off: the lightest step has %1 % of white's light, the darkest %2 % of what it should have.</source>
   <translation>Beide Enden der Skala sind abgeschnitten: Die hellste Stufe hat %1 % des Lichts von Weiß, die dunkelste %2 % dessen, was sie haben sollte.</translation>
  </message>
  <message>
   <source>Brightness</source>
   <translation>Helligkeit</translation>
  </message>
  <message>
   <source>Brightness %1.</source>
   <translation>Helligkeit %1.</translation>
  </message>
  <message>
   <source>Build the profile</source>
   <translation>Profil bauen</translation>
  </message>
  <message>
   <source>Building the profile</source>
   <translation>Baut das Profil</translation>
  </message>
  <message>
   <source>Built-in panel</source>
   <translation>Eingebautes Panel</translation>
  </message>
  <message>
   <source>By</source>
   <translation>Von</translation>
  </message>
  <message>
   <source>By %1: mean %2, median %3, worst %4.</source>
   <translation>Nach %1: Mittel %2, Median %3, größte %4.</translation>
  </message>
  <message>
   <source>By eye</source>
   <translation>Nach Augenmaß</translation>
  </message>
  <message>
   <source>By its drift its light may be leaving its limits.</source>
   <translation>Nach seiner Drift könnte sein Licht seine Grenzen gerade verlassen.</translation>
  </message>
  <message>
   <source>By its profile this display can proof this paper.</source>
   <translation>Nach seinem Profil kann dieser Bildschirm dieses Papier proofen.</translation>
  </message>
  <message>
   <source>By its profile this display cannot proof this paper.</source>
   <translation>Nach seinem Profil kann dieser Bildschirm dieses Papier nicht proofen.</translation>
  </message>
  <message>
   <source>By one meter: what it is off by on either display is not in it.</source>
   <translation>Mit einem Messgerät: Was es auf jedem Bildschirm danebenliegt, ist nicht darin.</translation>
  </message>
  <message>
   <source>CGATS file to write</source>
   <translation>CGATS-Datei, die geschrieben wird</translation>
  </message>
  <message>
   <source>CGATS file with CMYK or RGB and Lab or XYZ, or ICC output profile</source>
   <translation>CGATS-Datei mit CMYK oder RGB und Lab oder XYZ, oder ICC-Ausgabeprofil</translation>
  </message>
  <message>
   <source>CGATS file with RGB_* (0..255) and XYZ_* (cd/m²)</source>
   <translation>CGATS-Datei mit RGB_* (0..255) und XYZ_* (cd/m²)</translation>
  </message>
  <message>
   <source>CGATS readings of red, green, blue, white by the meter</source>
   <translation>CGATS-Messungen von Rot, Grün, Blau, Weiß mit dem Messgerät</translation>
  </message>
  <message>
   <source>CGATS, CxF3 or CSV list of colours</source>
   <translation>Farbliste als CGATS, CxF3 oder CSV</translation>
  </message>
  <message>
   <source>CIE 1931 observer</source>
   <translation>Beobachter CIE 1931</translation>
  </message>
  <message>
   <source>COUNT</source>
   <translation>ANZAHL</translation>
  </message>
  <message>
   <source>CSV or CGATS: light of the panel's red, green, blue, white</source>
   <translation>CSV oder CGATS: Licht von Rot, Grün, Blau, Weiß des Panels</translation>
  </message>
  <message>
   <source>CSV or CGATS: the meter's X, Y, Z over wavelength, on the scale of the CIE functions</source>
   <translation>CSV oder CGATS: X, Y, Z des Messgeräts über der Wellenlänge, im Maßstab der CIE-Funktionen</translation>
  </message>
  <message>
   <source>Calibrate it once, or leave it out.</source>
   <translation>Kalibrieren Sie ihn einmal, oder lassen Sie ihn weg.</translation>
  </message>
  <message>
   <source>Calibrate tone and grey</source>
   <translation>Tonwerte und Grau kalibrieren</translation>
  </message>
  <message>
   <source>Calibrate with the video LUT instead.</source>
   <translation>Kalibrieren Sie stattdessen mit der Video-LUT.</translation>
  </message>
  <message>
   <source>Calibrating</source>
   <translation>Kalibriert</translation>
  </message>
  <message>
   <source>Calibration</source>
   <translation>Kalibrierung</translation>
  </message>
  <message>
   <source>Call</source>
   <translation>Urteil</translation>
  </message>
  <message>
   <source>Can this display stand for a print? Open a printing condition: a characterisation (CGATS) or an ICC output profile. It can be dropped here.</source>
   <translation>Kann dieser Bildschirm für einen Druck stehen? Öffnen Sie eine Druckbedingung: eine Charakterisierung (CGATS) oder ein ICC-Ausgabeprofil. Sie kann hierher gezogen werden.</translation>
  </message>
  <message>
   <source>Carry the meter to %1</source>
   <translation>Messgerät zu %1 tragen</translation>
  </message>
  <message>
   <source>Cert&amp;ificate…</source>
   <translation>Zertifi&amp;kat…</translation>
  </message>
  <message>
   <source>Certificate</source>
   <translation>Zertifikat</translation>
  </message>
  <message>
   <source>Certificate and corrections of %1 are forgotten.</source>
   <translation>Zertifikat und Korrekturen von %1 sind vergessen.</translation>
  </message>
  <message>
   <source>Certificate of the meter</source>
   <translation>Zertifikat des Messgeräts</translation>
  </message>
  <message>
   <source>Certificate of the meter: %1 %2, %3, to be renewed by %4.</source>
   <translation>Zertifikat des Messgeräts: %1 %2, %3, zu erneuern bis %4.</translation>
  </message>
  <message>
   <source>Certificate of the meter: %1 %2, to be renewed by %3.</source>
   <translation>Zertifikat des Messgeräts: %1 %2, zu erneuern bis %3.</translation>
  </message>
  <message>
   <source>Certificates (*.json)</source>
   <translation>Zertifikate (*.json)</translation>
  </message>
  <message>
   <source>Change of each patch</source>
   <translation>Änderung jedes Feldes</translation>
  </message>
  <message>
   <source>Change the aim</source>
   <translation>Ziel ändern</translation>
  </message>
  <message>
   <source>Change…</source>
   <translation>Ändern…</translation>
  </message>
  <message>
   <source>Chart</source>
   <translation>Farbtafel</translation>
  </message>
  <message>
   <source>Chart of </source>
   <translation>Tafel von </translation>
  </message>
  <message>
   <source>Chart order</source>
   <translation>Wie Tafel</translation>
  </message>
  <message>
   <source>Check again</source>
   <translation>Noch einmal prüfen</translation>
  </message>
  <message>
   <source>Check due</source>
   <translation>Prüfung fällig</translation>
  </message>
  <message>
   <source>Check first</source>
   <translation>Kurzprüfung</translation>
  </message>
  <message>
   <source>Check it now</source>
   <translation>Jetzt prüfen</translation>
  </message>
  <message>
   <source>Check its permissions.</source>
   <translation>Prüfen Sie seine Berechtigungen.</translation>
  </message>
  <message>
   <source>Check its spelling or take it out.</source>
   <translation>Prüfen Sie die Schreibweise, oder nehmen Sie ihn heraus.</translation>
  </message>
  <message>
   <source>Check that the meter sits on the patch and that the patch is not covered.</source>
   <translation>Prüfen Sie, ob das Messgerät auf dem Feld sitzt und das Feld nicht verdeckt ist.</translation>
  </message>
  <message>
   <source>Check the display</source>
   <translation>Bildschirm prüfen</translation>
  </message>
  <message>
   <source>Check the file's permissions and the disk.</source>
   <translation>Prüfen Sie die Berechtigungen der Datei und den Datenträger.</translation>
  </message>
  <message>
   <source>Check the folder's permissions and the free space on the disk.</source>
   <translation>Prüfen Sie die Berechtigungen des Ordners und den freien Platz.</translation>
  </message>
  <message>
   <source>Check the last run</source>
   <translation>Letzten Lauf prüfen</translation>
  </message>
  <message>
   <source>Check the path.</source>
   <translation>Prüfen Sie den Pfad.</translation>
  </message>
  <message>
   <source>Check the permissions of its folder and the free space on the disk.</source>
   <translation>Prüfen Sie die Berechtigungen seines Ordners und den freien Platz.</translation>
  </message>
  <message>
   <source>Check the permissions of its folder.</source>
   <translation>Prüfen Sie die Berechtigungen seines Ordners.</translation>
  </message>
  <message>
   <source>Check the permissions of the folder above it.</source>
   <translation>Prüfen Sie die Berechtigungen des Ordners darüber.</translation>
  </message>
  <message>
   <source>Check user and database, and give the password: book password, or a line in a .pgpass file that only you can read.</source>
   <translation>Prüfen Sie Benutzer und Datenbank, und geben Sie das Passwort an: book password, oder eine Zeile in einer .pgpass-Datei, die nur Sie lesen können.</translation>
  </message>
  <message>
   <source>Check where the meter sat and measure again.</source>
   <translation>Prüfen Sie, wo das Messgerät saß, und messen Sie noch einmal.</translation>
  </message>
  <message>
   <source>Checked %1.</source>
   <translation>Geprüft %1.</translation>
  </message>
  <message>
   <source>Checked: drifting</source>
   <translation>Geprüft: wandert</translation>
  </message>
  <message>
   <source>Checked: it holds</source>
   <translation>Geprüft: es gilt</translation>
  </message>
  <message>
   <source>Checked: run it again</source>
   <translation>Geprüft: neuer Lauf nötig</translation>
  </message>
  <message>
   <source>Checking</source>
   <translation>Prüft</translation>
  </message>
  <message>
   <source>Cho&amp;ose…</source>
   <translation>W&amp;ählen…</translation>
  </message>
  <message>
   <source>Choose 1 to %1 fields a side.</source>
   <translation>Wählen Sie 1 bis %1 Felder je Seite.</translation>
  </message>
  <message>
   <source>Choose a calibration, a proof or a check.</source>
   <translation>Wählen Sie eine Kalibrierung, einen Nachweis oder eine Prüfung.</translation>
  </message>
  <message>
   <source>Choose a kept light above to hold it against.</source>
   <translation>Wählen Sie oben ein behaltenes Licht zum Vergleich.</translation>
  </message>
  <message>
   <source>Choose a meter in the Meter menu. Without one, View, By eye helps to set brightness and contrast.</source>
   <translation>Wählen Sie im Menü Messgerät eines. Ohne eines hilft Ansicht, Nach Augenmaß, Helligkeit und Kontrast einzustellen.</translation>
  </message>
  <message>
   <source>Choose a profile that was made for this display.</source>
   <translation>Wählen Sie ein Profil, das für diesen Bildschirm gemacht wurde.</translation>
  </message>
  <message>
   <source>Choose an aim with a tone curve and primaries, or prove the profile.</source>
   <translation>Wählen Sie ein Ziel mit Tonwertkurve und Primärfarben, oder weisen Sie das Profil nach.</translation>
  </message>
  <message>
   <source>Choose another address or port.</source>
   <translation>Wählen Sie eine andere Adresse oder einen anderen Port.</translation>
  </message>
  <message>
   <source>Choose another aim</source>
   <translation>Anderes Ziel wählen</translation>
  </message>
  <message>
   <source>Choose another white, or leave this display out.</source>
   <translation>Wählen Sie ein anderes Weiß, oder lassen Sie diesen Bildschirm weg.</translation>
  </message>
  <message>
   <source>Choose one of: %1.</source>
   <translation>Wählen Sie eines von: %1.</translation>
  </message>
  <message>
   <source>Choose others, or leave them as native.</source>
   <translation>Wählen Sie andere, oder lassen Sie sie nativ.</translation>
  </message>
  <message>
   <source>Choose reference or colorimeter.</source>
   <translation>Wählen Sie reference oder colorimeter.</translation>
  </message>
  <message>
   <source>Choose the aim</source>
   <translation>Ziel wählen</translation>
  </message>
  <message>
   <source>Choose the display and the meter</source>
   <translation>Bildschirm und Messgerät wählen</translation>
  </message>
  <message>
   <source>Choose the displays that are to be alike, two at least. What all of them can share is known before anyone spends an hour.</source>
   <translation>Wählen Sie die Bildschirme, die gleich werden sollen, mindestens zwei. Was alle teilen können, ist bekannt, ehe jemand eine Stunde verbringt.</translation>
  </message>
  <message>
   <source>Choose the folder for the batch's reports first.</source>
   <translation>Wählen Sie zuerst den Ordner für die Berichte der Serie.</translation>
  </message>
  <message>
   <source>Choose the folder…</source>
   <translation>Ordner wählen…</translation>
  </message>
  <message>
   <source>Choose the plainest mode; what such a mode does with colours cannot be calibrated away.</source>
   <translation>Wählen Sie den schlichtesten Modus; was ein solcher mit Farben tut, lässt sich nicht wegkalibrieren.</translation>
  </message>
  <message>
   <source>Choose the printing condition.</source>
   <translation>Wählen Sie die Druckbedingung.</translation>
  </message>
  <message>
   <source>Choose two different meters.</source>
   <translation>Wählen Sie zwei verschiedene Messgeräte.</translation>
  </message>
  <message>
   <source>Chosen by you.</source>
   <translation>Von Ihnen gewählt.</translation>
  </message>
  <message>
   <source>Chosen by you; the next run puts its own in its place.</source>
   <translation>Von Ihnen gewählt; der nächste Lauf setzt sein eigenes an dessen Stelle.</translation>
  </message>
  <message>
   <source>Cl&amp;ose the page</source>
   <translation>Seite s&amp;chließen</translation>
  </message>
  <message>
   <source>Close that program first, or use another logbook.</source>
   <translation>Schließen Sie zuerst jenes Programm, oder nehmen Sie ein anderes Logbuch.</translation>
  </message>
  <message>
   <source>Code shown in the program</source>
   <translation>Code, den das Programm zeigt</translation>
  </message>
  <message>
   <source>Code values %1 and %2 give the same light; the step should be %3 %.</source>
   <translation>Die Codewerte %1 und %2 geben dasselbe Licht; die Stufe sollte %3 % sein.</translation>
  </message>
  <message>
   <source>Colorimetric</source>
   <translation>Farbmetrisch</translation>
  </message>
  <message>
   <source>Colour</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <source>Colour accuracy</source>
   <translation>Farbtreue</translation>
  </message>
  <message>
   <source>Colour and luminance drift while a panel warms up.</source>
   <translation>Farbe und Leuchtdichte wandern, während ein Panel warm wird.</translation>
  </message>
  <message>
   <source>Colours</source>
   <translation>Farben</translation>
  </message>
  <message>
   <source>Colours as both show them</source>
   <translation>Farben, wie beide sie zeigen</translation>
  </message>
  <message>
   <source>Colours in it</source>
   <translation>Farben darin</translation>
  </message>
  <message>
   <source>Colours of the proof</source>
   <translation>Farben des Nachweises</translation>
  </message>
  <message>
   <source>Colours shown in it</source>
   <translation>Darin gezeigte Farben</translation>
  </message>
  <message>
   <source>Colours that cannot be shown</source>
   <translation>Farben, die nicht zu zeigen sind</translation>
  </message>
  <message>
   <source>Colours that the profile was not made from are shown and read. Their differences, in ΔE00, are the proof; the report can be saved and given to whoever asks.</source>
   <translation>Farben, aus denen das Profil nicht gemacht wurde, werden gezeigt und gemessen. Ihre Unterschiede in ΔE00 sind der Nachweis; der Bericht lässt sich speichern und weitergeben.</translation>
  </message>
  <message>
   <source>Colours, 95 % below ΔE00</source>
   <translation>Farben, 95 % unter ΔE00</translation>
  </message>
  <message>
   <source>Colours, mean ΔE00</source>
   <translation>Farben, ΔE00 im Mittel</translation>
  </message>
  <message>
   <source>Colours, worst ΔE00</source>
   <translation>Farben, größtes ΔE00</translation>
  </message>
  <message>
   <source>Come back</source>
   <translation>Wiederkommen</translation>
  </message>
  <message>
   <source>Command that prints X Y Z</source>
   <translation>Befehl, der X Y Z ausgibt</translation>
  </message>
  <message>
   <source>Compare</source>
   <translation>Vergleichen</translation>
  </message>
  <message>
   <source>Compare absolutely instead, with the paper's own white.</source>
   <translation>Vergleichen Sie stattdessen absolut, mit dem eigenen Weiß des Papiers.</translation>
  </message>
  <message>
   <source>Computed and kept for panels of kind %1.</source>
   <translation>Berechnet und behalten für Panels der Art „%1“.</translation>
  </message>
  <message>
   <source>Computed from this display's own spectra, and kept.</source>
   <translation>Aus den Spektren dieses Bildschirms berechnet und behalten.</translation>
  </message>
  <message>
   <source>Connect it and hang the meter on it.</source>
   <translation>Schließen Sie es an, und hängen Sie das Messgerät darauf.</translation>
  </message>
  <message>
   <source>Connect the next unit</source>
   <translation>Nächstes Exemplar anschließen</translation>
  </message>
  <message>
   <source>Connected as %1.</source>
   <translation>Angeschlossen als %1.</translation>
  </message>
  <message>
   <source>Connecting…</source>
   <translation>Verbindet…</translation>
  </message>
  <message>
   <source>Contrast</source>
   <translation>Kontrast</translation>
  </message>
  <message>
   <source>Contrast %1.</source>
   <translation>Kontrast %1.</translation>
  </message>
  <message>
   <source>Contrast limited</source>
   <translation>Kontrast begrenzt</translation>
  </message>
  <message>
   <source>Contrast per just-noticeable step, worst error</source>
   <translation>Kontrast je eben merklicher Stufe, größter Fehler</translation>
  </message>
  <message>
   <source>Contrast, at least</source>
   <translation>Kontrast, mindestens</translation>
  </message>
  <message>
   <source>Contrast, from the aim</source>
   <translation>Kontrast, vom Ziel</translation>
  </message>
  <message>
   <source>Copies it to where every user of this machine finds it; may ask for a password.</source>
   <translation>Kopiert es dorthin, wo jeder Benutzer dieses Rechners es findet; kann nach einem Passwort fragen.</translation>
  </message>
  <message>
   <source>Copy its numbers</source>
   <translation>Seine Zahlen kopieren</translation>
  </message>
  <message>
   <source>Copyright</source>
   <translation>Copyright</translation>
  </message>
  <message>
   <source>Copyright that stands in the profile.</source>
   <translation>Copyright, das im Profil steht.</translation>
  </message>
  <message>
   <source>Correct a meter by a better one</source>
   <translation>Ein Messgerät durch ein besseres korrigieren</translation>
  </message>
  <message>
   <source>Correct it by a &amp;better meter…</source>
   <translation>Durch ein &amp;besseres korrigieren…</translation>
  </message>
  <message>
   <source>Corrected by spectra, for panels of kind %1.</source>
   <translation>Durch Spektren korrigiert, für Panels der Art „%1“.</translation>
  </message>
  <message>
   <source>Corrected by this display's own spectra.</source>
   <translation>Durch die Spektren dieses Bildschirms korrigiert.</translation>
  </message>
  <message>
   <source>Corrected for panels of kind %1.</source>
   <translation>Korrigiert für Panels der Art „%1“.</translation>
  </message>
  <message>
   <source>Corrected on this display against %1.</source>
   <translation>Auf diesem Bildschirm gegen %1 korrigiert.</translation>
  </message>
  <message>
   <source>Correction</source>
   <translation>Korrektur</translation>
  </message>
  <message>
   <source>Correction by the video LUT</source>
   <translation>Korrektur durch die Video-LUT</translation>
  </message>
  <message>
   <source>Correction from &amp;spectra…</source>
   <translation>Korrektur aus &amp;Spektren…</translation>
  </message>
  <message>
   <source>Correction from a &amp;file…</source>
   <translation>Korrektur aus einer &amp;Datei…</translation>
  </message>
  <message>
   <source>Correction of the meter</source>
   <translation>Korrektur des Messgeräts</translation>
  </message>
  <message>
   <source>Correction of the meter: %1.</source>
   <translation>Korrektur des Messgeräts: %1.</translation>
  </message>
  <message>
   <source>Corrections (*.json)</source>
   <translation>Korrekturen (*.json)</translation>
  </message>
  <message>
   <source>Correlated colour temperature</source>
   <translation>Ähnlichste Farbtemperatur</translation>
  </message>
  <message>
   <source>Could give, cd/m²</source>
   <translation>Könnte geben, cd/m²</translation>
  </message>
  <message>
   <source>Coverage of P3</source>
   <translation>Abdeckung von P3</translation>
  </message>
  <message>
   <source>Coverage of sRGB</source>
   <translation>Abdeckung von sRGB</translation>
  </message>
  <message>
   <source>Curve</source>
   <translation>Kurve</translation>
  </message>
  <message>
   <source>Curves</source>
   <translation>Kurven</translation>
  </message>
  <message>
   <source>Curves and matrix</source>
   <translation>Kurven und Matrix</translation>
  </message>
  <message>
   <source>Curves and matrix: a few kilobytes that every program reads; right where the primaries add up.</source>
   <translation>Kurven und Matrix: einige Kilobyte, die jedes Programm liest; richtig, wo die Primärfarben aufgehen.</translation>
  </message>
  <message>
   <source>Curves of both</source>
   <translation>Kurven beider</translation>
  </message>
  <message>
   <source>D %1 K</source>
   <translation>D %1 K</translation>
  </message>
  <message>
   <source>D%1 matched by eye (Δu'v' %2)</source>
   <translation>D%1, nach Augenmaß abgeglichen (Δu'v' %2)</translation>
  </message>
  <message>
   <source>Damaged pages: %1; runs rescued: %2, of those with losses: %3; runs lost: %4</source>
   <translation>Beschädigte Seiten: %1; gerettete Läufe: %2, davon mit Verlusten: %3; verlorene Läufe: %4</translation>
  </message>
  <message>
   <source>Dark</source>
   <comment>looks of the window</comment>
   <translation>Dunkel</translation>
  </message>
  <message>
   <source>Dark bars on black</source>
   <translation>Dunkle Balken auf Schwarz</translation>
  </message>
  <message>
   <source>Daylight</source>
   <translation>Tageslicht</translation>
  </message>
  <message>
   <source>Days until a reminder</source>
   <translation>Tage bis zur Erinnerung</translation>
  </message>
  <message>
   <source>Deep shadow</source>
   <translation>Tiefe Schatten</translation>
  </message>
  <message>
   <source>Desk: displays and meter</source>
   <translation>Tisch: Bildschirme und Messgerät</translation>
  </message>
  <message>
   <source>Desktop</source>
   <translation>Desktop</translation>
  </message>
  <message>
   <source>Device</source>
   <translation>Gerät</translation>
  </message>
  <message>
   <source>Device %1</source>
   <translation>Gerät %1</translation>
  </message>
  <message>
   <source>Devices</source>
   <translation>Geräte</translation>
  </message>
  <message>
   <source>Diagrams</source>
   <translation>Diagramme</translation>
  </message>
  <message>
   <source>Difference</source>
   <translation>Unterschied</translation>
  </message>
  <message>
   <source>Difference formula</source>
   <translation>Formel des Abstands</translation>
  </message>
  <message>
   <source>Discard this run?</source>
   <translation>Diesen Lauf verwerfen?</translation>
  </message>
  <message>
   <source>Display</source>
   <translation>Bildschirm</translation>
  </message>
  <message>
   <source>Display P3</source>
   <translation>Display P3</translation>
  </message>
  <message>
   <source>Display program version information and exit</source>
   <translation>Zeigt die Version des Programms und endet</translation>
  </message>
  <message>
   <source>Display to begin with, by its id.</source>
   <translation>Bildschirm am Anfang, nach seiner Kennung.</translation>
  </message>
  <message>
   <source>Display warm</source>
   <translation>Bildschirm warm</translation>
  </message>
  <message>
   <source>Displays</source>
   <translation>Bildschirme</translation>
  </message>
  <message>
   <source>Displays drift. A check takes a minute, and a reminder comes when it is due; the logbook keeps every run.</source>
   <translation>Bildschirme wandern. Eine Prüfung dauert eine Minute, und eine Erinnerung kommt, wenn sie fällig ist; das Logbuch behält jeden Lauf.</translation>
  </message>
  <message>
   <source>Displays in it: %1.</source>
   <translation>Bildschirme darin: %1.</translation>
  </message>
  <message>
   <source>Displays stand along the top as they stand on the desk. The meter is chosen in the menu Meter; one that the desktop knows is found by itself.</source>
   <translation>Bildschirme stehen oben, wie sie auf dem Tisch stehen. Das Messgerät wird im Menü Messgerät gewählt; eines, das der Desktop kennt, findet sich von selbst.</translation>
  </message>
  <message>
   <source>Distance from the aimed white, Δu'v'</source>
   <translation>Abstand vom verlangten Weiß, Δu'v'</translation>
  </message>
  <message>
   <source>Divided</source>
   <translation>Geteilt</translation>
  </message>
  <message>
   <source>Drag or use the arrow keys to turn it; wheel, + and - make it larger or smaller.</source>
   <translation>Ziehen oder Pfeiltasten drehen ihn; Rad, + und - machen ihn größer oder kleiner.</translation>
  </message>
  <message>
   <source>Drawing</source>
   <translation>Zeichnung</translation>
  </message>
  <message>
   <source>Drawings (*.pdf *.svg);;Pictures (*.png);;Numbers (*.csv)</source>
   <translation>Zeichnungen (*.pdf *.svg);;Bilder (*.png);;Zahlen (*.csv)</translation>
  </message>
  <message>
   <source>Drawn beside it</source>
   <translation>Daneben gezeichnet</translation>
  </message>
  <message>
   <source>Drift</source>
   <translation>Drift</translation>
  </message>
  <message>
   <source>Drift while warming up</source>
   <translation>Drift beim Warmlaufen</translation>
  </message>
  <message>
   <source>Drifting</source>
   <translation>Wandert</translation>
  </message>
  <message>
   <source>Driver program</source>
   <translation>Treiberprogramm</translation>
  </message>
  <message>
   <source>Dupli&amp;cate</source>
   <translation>Verdoppeln</translation>
  </message>
  <message>
   <source>E&amp;nter</source>
   <translation>&amp;Eintragen</translation>
  </message>
  <message>
   <source>E&amp;xport…</source>
   <translation>E&amp;xport…</translation>
  </message>
  <message>
   <source>Each alone</source>
   <translation>Jeder für sich</translation>
  </message>
  <message>
   <source>Each open point can spoil the readings.</source>
   <translation>Jeder offene Punkt kann die Messungen verderben.</translation>
  </message>
  <message>
   <source>Earlier batches</source>
   <translation>Frühere Serien</translation>
  </message>
  <message>
   <source>Earlier runs are being measured.</source>
   <translation>Frühere Läufe werden gemessen.</translation>
  </message>
  <message>
   <source>Edit…</source>
   <translation>Bearbeiten…</translation>
  </message>
  <message>
   <source>Eighteen patches are being read: white, black, greys, primaries and saturated colours.</source>
   <translation>Achtzehn Felder werden gemessen: Weiß, Schwarz, Grautöne, Primärfarben und gesättigte Farben.</translation>
  </message>
  <message>
   <source>End the Keeper</source>
   <translation>Wächter beenden</translation>
  </message>
  <message>
   <source>Enough: &amp;keep these</source>
   <translation>&amp;Genug: diese behalten</translation>
  </message>
  <message>
   <source>Equal figures need not look equal. Small steps of known size on top of the calibration, until the eye agrees with the print or the other display; none of them is lost, and each can be taken back.</source>
   <translation>Gleiche Zahlen müssen nicht gleich aussehen. Kleine Schritte bekannter Größe auf der Kalibrierung, bis das Auge mit dem Druck oder dem anderen Bildschirm einig ist; keiner geht verloren, jeder lässt sich zurücknehmen.</translation>
  </message>
  <message>
   <source>Error roses</source>
   <translation>Fehlerrosen</translation>
  </message>
  <message>
   <source>Error roses, %1 times as long</source>
   <translation>Fehlerrosen, %1-mal so lang</translation>
  </message>
  <message>
   <source>Error roses, as it is</source>
   <translation>Fehlerrosen, wie sie sind</translation>
  </message>
  <message>
   <source>Esc pauses.</source>
   <translation>Esc unterbricht.</translation>
  </message>
  <message>
   <source>Estimated: one was read with its brightness below the top.</source>
   <translation>Geschätzt: Einer wurde mit nicht voller Helligkeit gemessen.</translation>
  </message>
  <message>
   <source>Even
% of mid.</source>
   <translation>Gleichm.
% d. Mitte</translation>
  </message>
  <message>
   <source>Evening it out would cost %1 of white's light (%2 cd/m² would be left), with its colour %3.</source>
   <translation>Es auszugleichen würde %1 des Lichts von Weiß kosten (%2 cd/m² blieben), mit der Farbe %3.</translation>
  </message>
  <message>
   <source>Evening its light out would cost %1 of white (%2 cd/m² would be left).</source>
   <translation>Sein Licht auszugleichen würde %1 von Weiß kosten (%2 cd/m² blieben).</translation>
  </message>
  <message>
   <source>Evenness</source>
   <translation>Gleichmäßigkeit</translation>
  </message>
  <message>
   <source>Evenness, luminance from the middle, worst</source>
   <translation>Gleichmäßigkeit, Leuchtdichte, größte</translation>
  </message>
  <message>
   <source>Evenness, ΔE00 from the middle, worst</source>
   <translation>Gleichmäßigkeit, größtes ΔE00</translation>
  </message>
  <message>
   <source>Evenness, Δu'v' from the middle, worst</source>
   <translation>Gleichmäßigkeit, größtes Δu'v'</translation>
  </message>
  <message>
   <source>Evens its screen</source>
   <translation>Gleicht seinen Schirm aus</translation>
  </message>
  <message>
   <source>Every 30 minutes</source>
   <translation>Alle 30 Minuten</translation>
  </message>
  <message>
   <source>Every 4 hours</source>
   <translation>Alle 4 Stunden</translation>
  </message>
  <message>
   <source>Every command has its own --help with examples.</source>
   <translation>Jeder Befehl hat seine eigene --help mit Beispielen.</translation>
  </message>
  <message>
   <source>Every hour</source>
   <translation>Jede Stunde</translation>
  </message>
  <message>
   <source>Every reading taken is kept. Run menu: discard it.</source>
   <translation>Jede Messung ist behalten. Menü Lauf: verwerfen.</translation>
  </message>
  <message>
   <source>Every reading taken is kept; the run can be taken up again.</source>
   <translation>Jede Messung wird behalten; der Lauf lässt sich fortsetzen.</translation>
  </message>
  <message>
   <source>Every view shows this run until another is begun or opened.</source>
   <translation>Jede Seite zeigt diesen Lauf, bis ein anderer begonnen oder geöffnet wird.</translation>
  </message>
  <message>
   <source>Exactly one of</source>
   <translation>Genau eines von</translation>
  </message>
  <message>
   <source>Examples</source>
   <translation>Beispiele</translation>
  </message>
  <message>
   <source>Excludes</source>
   <translation>Nicht mit</translation>
  </message>
  <message>
   <source>Exit codes: 0 done, 2 an input is wrong, 3 a device failed, 4 a limit was passed.</source>
   <translation>Rückgabewerte: 0 getan, 2 eine Eingabe ist falsch, 3 ein Gerät hat versagt, 4 eine Grenze ist überschritten.</translation>
  </message>
  <message>
   <source>Expected error</source>
   <translation>Erwarteter Fehler</translation>
  </message>
  <message>
   <source>Expected error for all colours %1 ΔE00.</source>
   <translation>Erwarteter Fehler über alle Farben %1 ΔE00.</translation>
  </message>
  <message>
   <source>Expected mean error, ΔE00</source>
   <translation>Erwarteter mittlerer Fehler, ΔE00</translation>
  </message>
  <message>
   <source>Exponent</source>
   <translation>Exponent</translation>
  </message>
  <message>
   <source>Exponent over level</source>
   <translation>Exponent über dem Tonwert</translation>
  </message>
  <message>
   <source>Exponents and matrix</source>
   <translation>Exponenten und Matrix</translation>
  </message>
  <message>
   <source>Export the lines shown</source>
   <translation>Gezeigte Zeilen ausgeben</translation>
  </message>
  <message>
   <source>F&amp;ind the meter</source>
   <translation>Messgerät &amp;finden</translation>
  </message>
  <message>
   <source>F2</source>
   <translation>F2</translation>
  </message>
  <message>
   <source>F2 or a double click gives it another name.</source>
   <translation>F2 oder ein Doppelklick gibt ihm einen anderen Namen.</translation>
  </message>
  <message>
   <source>Fields</source>
   <translation>Felder</translation>
  </message>
  <message>
   <source>Figure</source>
   <translation>Zahl</translation>
  </message>
  <message>
   <source>Figures</source>
   <translation>Zahlen</translation>
  </message>
  <message>
   <source>File</source>
   <translation>Datei</translation>
  </message>
  <message>
   <source>File of the logbook.</source>
   <translation>Datei des Logbuchs.</translation>
  </message>
  <message>
   <source>Fill the screen</source>
   <translation>Schirm füllen</translation>
  </message>
  <message>
   <source>Film in a dim room</source>
   <translation>Film im dunklen Raum</translation>
  </message>
  <message>
   <source>Finding the meter</source>
   <translation>Messgerät finden</translation>
  </message>
  <message>
   <source>Fine-&amp;tune the second…</source>
   <translation>Den zwei&amp;ten feinabstimmen…</translation>
  </message>
  <message>
   <source>Fine-tune</source>
   <translation>Feinabstimmung</translation>
  </message>
  <message>
   <source>Finish or stop the run before changing what is known of the meter.</source>
   <translation>Beenden Sie den Lauf, ehe Sie ändern, was vom Messgerät bekannt ist.</translation>
  </message>
  <message>
   <source>Finish, stop or discard it first.</source>
   <translation>Beenden oder verwerfen Sie ihn zuerst.</translation>
  </message>
  <message>
   <source>First</source>
   <translation>Erster</translation>
  </message>
  <message>
   <source>First gamut to compare with</source>
   <translation>Erster Farbumfang zum Vergleich</translation>
  </message>
  <message>
   <source>First how fast its light settles, then what it shows, for comparison.</source>
   <translation>Zuerst, wie schnell sein Licht einschwingt, dann, was er zeigt, zum Vergleich.</translation>
  </message>
  <message>
   <source>First step</source>
   <translation>Erster Schritt</translation>
  </message>
  <message>
   <source>First steps</source>
   <translation>Erste Schritte</translation>
  </message>
  <message>
   <source>Fit</source>
   <translation>Einpassen</translation>
  </message>
  <message>
   <source>Folder for its reports</source>
   <translation>Ordner für ihre Berichte</translation>
  </message>
  <message>
   <source>Folder for profile, readings and report</source>
   <translation>Ordner für Profil, Messungen und Bericht</translation>
  </message>
  <message>
   <source>Folder for the batch's reports</source>
   <translation>Ordner für die Berichte der Serie</translation>
  </message>
  <message>
   <source>Folder that reports are saved in</source>
   <translation>Ordner, in dem Berichte gesichert werden</translation>
  </message>
  <message>
   <source>Folders</source>
   <translation>Ordner</translation>
  </message>
  <message>
   <source>Folder…</source>
   <translation>Ordner…</translation>
  </message>
  <message>
   <source>For a time</source>
   <translation>Eine Zeit lang</translation>
  </message>
  <message>
   <source>For a white with the right figures that looks wrong beside a print or another display.</source>
   <translation>Für ein Weiß mit den richtigen Zahlen, das neben einem Druck oder einem anderen Bildschirm falsch aussieht.</translation>
  </message>
  <message>
   <source>For all users…</source>
   <translation>Für alle…</translation>
  </message>
  <message>
   <source>For critical work:</source>
   <translation>Für kritische Arbeit:</translation>
  </message>
  <message>
   <source>For critical work: %1.</source>
   <translation>Für kritische Arbeit: %1.</translation>
  </message>
  <message>
   <source>For example %1 0.3127,0.3290.</source>
   <translation>Zum Beispiel %1 0.3127,0.3290.</translation>
  </message>
  <message>
   <source>For example --white 95.047,100,108.883.</source>
   <translation>Zum Beispiel --white 95.047,100,108.883.</translation>
  </message>
  <message>
   <source>For example 0.3457,0.3585.</source>
   <translation>Zum Beispiel 0.3457,0.3585.</translation>
  </message>
  <message>
   <source>For example 192.168.1.20:8417, an address of this computer.</source>
   <translation>Zum Beispiel 192.168.1.20:8417, eine Adresse dieses Rechners.</translation>
  </message>
  <message>
   <source>For example 255,128,64.</source>
   <translation>Zum Beispiel 255,128,64.</translation>
  </message>
  <message>
   <source>For example 5x5.</source>
   <translation>Zum Beispiel 5x5.</translation>
  </message>
  <message>
   <source>For example driver:/usr/lib/meters/reed or command:"read-once -q".</source>
   <translation>Zum Beispiel driver:/usr/lib/meters/reed oder command:"read-once -q".</translation>
  </message>
  <message>
   <source>For example unplugged@40.</source>
   <translation>Zum Beispiel unplugged@40.</translation>
  </message>
  <message>
   <source>For monitors that mix them in their own memory. Elsewhere the profile tells programs what the panel's own are.</source>
   <translation>Für Monitore, die sie im eigenen Speicher mischen. Sonst sagt das Profil Programmen, welche das Panel hat.</translation>
  </message>
  <message>
   <source>For this aim start from "%1": %2.</source>
   <translation>Für dieses Ziel gehen Sie von „%1“ aus: %2.</translation>
  </message>
  <message>
   <source>For your account; it takes effect at once.</source>
   <translation>Für Ihr Konto; es gilt sofort.</translation>
  </message>
  <message>
   <source>For&amp;get corrections and certificate</source>
   <translation>Korrekturen und Zertifikat &amp;vergessen</translation>
  </message>
  <message>
   <source>Forge&amp;t it</source>
   <translation>&amp;Vergessen</translation>
  </message>
  <message>
   <source>Forget corrections and certificate of %1?</source>
   <translation>Korrekturen und Zertifikat von %1 vergessen?</translation>
  </message>
  <message>
   <source>Forget picture mode %1</source>
   <translation>Bildmodus %1 vergessen</translation>
  </message>
  <message>
   <source>Forget the match</source>
   <translation>Abgleich vergessen</translation>
  </message>
  <message>
   <source>Found, steady, and the patch has been put under it.</source>
   <translation>Gefunden, ruhig, und das Feld liegt darunter.</translation>
  </message>
  <message>
   <source>Four colours</source>
   <translation>Vier Farben</translation>
  </message>
  <message>
   <source>Four fields of the screen against its middle, in the chosen mode, which has to be the one that is set at the monitor now.</source>
   <translation>Vier Felder des Schirms gegen seine Mitte, im gewählten Modus, der am Monitor jetzt eingestellt sein muss.</translation>
  </message>
  <message>
   <source>Fresh random colours</source>
   <translation>Neue Zufallsfarben</translation>
  </message>
  <message>
   <source>From a &amp;list or strip…</source>
   <translation>Aus einer Liste oder einem Kontrollstreifen…</translation>
  </message>
  <message>
   <source>From a &amp;picture…</source>
   <translation>Aus e&amp;inem Bild…</translation>
  </message>
  <message>
   <source>From a display as it was bought to one that is proved. F1 explains any page beside it; the handbook is in the menu Help.</source>
   <translation>Von einem Bildschirm, wie er gekauft wurde, zu einem, der nachgewiesen ist. F1 erklärt jede Seite daneben; das Handbuch steht im Menü Hilfe.</translation>
  </message>
  <message>
   <source>From a file…</source>
   <translation>Aus einer Datei…</translation>
  </message>
  <message>
   <source>From day to day</source>
   <translation>Von Tag zu Tag</translation>
  </message>
  <message>
   <source>From the readings just taken.</source>
   <translation>Aus den eben gemachten Messungen.</translation>
  </message>
  <message>
   <source>G</source>
   <translation>G</translation>
  </message>
  <message>
   <source>Gamma</source>
   <translation>Gamma</translation>
  </message>
  <message>
   <source>Gamma %1 or sRGB for screens, L* for pre-press, BT.1886 for film. GSDF: even steps, which alone make no display fit for diagnosis.</source>
   <translation>Gamma %1 oder sRGB für Bildschirme, L* für die Druckvorstufe, BT.1886 für Film. GSDF: gleiche Stufen, was allein keinen Bildschirm zur Diagnose tauglich macht.</translation>
  </message>
  <message>
   <source>Gamma found: red %1, green %2, blue %3.

The profile takes the primaries from what the display says of itself. It is marked as made by eye, and the ledger will say so.</source>
   <translation>Gefundenes Gamma: Rot %1, Grün %2, Blau %3.

Das Profil nimmt die Primärfarben aus dem, was der Bildschirm von sich sagt. Es ist als nach Augenmaß gemacht gekennzeichnet, und die Übersicht sagt es auch.</translation>
  </message>
  <message>
   <source>Gamut</source>
   <translation>Farbumfang</translation>
  </message>
  <message>
   <source>Gamut as a solid in L*a*b*</source>
   <translation>Farbumfang als Körper in L*a*b*</translation>
  </message>
  <message>
   <source>Gamut in numbers</source>
   <translation>Farbumfang in Zahlen</translation>
  </message>
  <message>
   <source>Gamut in u'v'</source>
   <translation>Farbumfang in u'v'</translation>
  </message>
  <message>
   <source>Gamut in x y</source>
   <translation>Farbumfang in x y</translation>
  </message>
  <message>
   <source>Gamut on u' v'</source>
   <translation>Farbumfang in u' v'</translation>
  </message>
  <message>
   <source>Gamut on x y</source>
   <translation>Farbumfang in x y</translation>
  </message>
  <message>
   <source>Gamut volume %1 cubic ΔE*ab</source>
   <translation>Volumen des Farbumfangs %1 ΔE*ab³</translation>
  </message>
  <message>
   <source>Gamut, part of sRGB's area in u'v' that is covered</source>
   <translation>Farbumfang, abgedeckter Teil der Fläche von sRGB in u'v'</translation>
  </message>
  <message>
   <source>Gamut, u'v'</source>
   <translation>Farbumfang, u'v'</translation>
  </message>
  <message>
   <source>General</source>
   <translation>Allgemein</translation>
  </message>
  <message>
   <source>Give --aim with a tone curve and primaries, or a space.</source>
   <translation>Geben Sie --aim mit Tonwertkurve und Primärfarben an, oder einen Farbraum.</translation>
  </message>
  <message>
   <source>Give --daylight as well.</source>
   <translation>Geben Sie auch --daylight an.</translation>
  </message>
  <message>
   <source>Give --meter and --reference, or --sensitivities and --spectra.</source>
   <translation>Geben Sie --meter und --reference an, oder --sensitivities und --spectra.</translation>
  </message>
  <message>
   <source>Give a file ending in .svg, .pdf, .png or .csv.</source>
   <translation>Geben Sie eine Datei mit der Endung .svg, .pdf, .png oder .csv an.</translation>
  </message>
  <message>
   <source>Give a profile of an RGB device.</source>
   <translation>Geben Sie ein Profil eines RGB-Geräts an.</translation>
  </message>
  <message>
   <source>Give a report.json that Bold Lantern wrote.</source>
   <translation>Geben Sie eine report.json an, die Bold Lantern geschrieben hat.</translation>
  </message>
  <message>
   <source>Give an ICC output profile of the paper and the press.</source>
   <translation>Geben Sie ein ICC-Ausgabeprofil von Papier und Maschine an.</translation>
  </message>
  <message>
   <source>Give at least "any".</source>
   <translation>Geben Sie mindestens „any“ an.</translation>
  </message>
  <message>
   <source>Give at least 10 wavelengths, every 20 nm or closer.</source>
   <translation>Geben Sie mindestens 10 Wellenlängen an, alle 20 nm oder dichter.</translation>
  </message>
  <message>
   <source>Give it the ending .pdf, .html, .json, .csv or .cgats.</source>
   <translation>Geben Sie ihr die Endung .pdf, .html, .json, .csv oder .cgats.</translation>
  </message>
  <message>
   <source>Give it the ending .svg, .pdf, .png or .csv.</source>
   <translation>Geben Sie ihr die Endung .svg, .pdf, .png oder .csv.</translation>
  </message>
  <message>
   <source>Give one with --use FILE.</source>
   <translation>Geben Sie eines mit --use FILE an.</translation>
  </message>
  <message>
   <source>Give the aim a name first.</source>
   <translation>Geben Sie dem Ziel zuerst einen Namen.</translation>
  </message>
  <message>
   <source>Give the batch a name first.</source>
   <translation>Geben Sie der Serie zuerst einen Namen.</translation>
  </message>
  <message>
   <source>Give the chart a name first.</source>
   <translation>Geben Sie der Tafel zuerst einen Namen.</translation>
  </message>
  <message>
   <source>Give the folder of a finished run, or a logbook.</source>
   <translation>Geben Sie den Ordner eines fertigen Laufs oder ein Logbuch an.</translation>
  </message>
  <message>
   <source>Give the folder that run --out wrote.</source>
   <translation>Geben Sie den Ordner an, den run --out geschrieben hat.</translation>
  </message>
  <message>
   <source>Give the light a name, such as where and when it is.</source>
   <translation>Geben Sie dem Licht einen Namen, etwa wo und wann es ist.</translation>
  </message>
  <message>
   <source>Give the profile to be proved.</source>
   <translation>Geben Sie das Profil an, das nachzuweisen ist.</translation>
  </message>
  <message>
   <source>Give the same command again to go on from the last reading.</source>
   <translation>Geben Sie denselben Befehl noch einmal, um nach der letzten Messung fortzufahren.</translation>
  </message>
  <message>
   <source>Give the same options to go on with it, or another folder.</source>
   <translation>Geben Sie dieselben Optionen, um damit fortzufahren, oder einen anderen Ordner.</translation>
  </message>
  <message>
   <source>Gives up</source>
   <translation>Gibt auf</translation>
  </message>
  <message>
   <source>Gives up: light</source>
   <translation>Gibt auf: Licht</translation>
  </message>
  <message>
   <source>Go on</source>
   <translation>Weiter</translation>
  </message>
  <message>
   <source>Go on &amp;with it</source>
   <translation>Damit &amp;fortfahren</translation>
  </message>
  <message>
   <source>Go on w&amp;ith it</source>
   <translation>Damit f&amp;ortfahren</translation>
  </message>
  <message>
   <source>Go on with %1</source>
   <translation>Weiter mit %1</translation>
  </message>
  <message>
   <source>Go on with %1 points open</source>
   <translation>Weiter mit %1 offenen Punkten</translation>
  </message>
  <message>
   <source>Go on with %1?</source>
   <translation>Mit %1 weiter?</translation>
  </message>
  <message>
   <source>Go on with 1 point open</source>
   <translation>Weiter mit 1 offenen Punkt</translation>
  </message>
  <message>
   <source>Go on with the unfinished run</source>
   <translation>Unfertigen Lauf fortsetzen</translation>
  </message>
  <message>
   <source>Go on with white as it is</source>
   <translation>Weiter mit Weiß, wie es ist</translation>
  </message>
  <message>
   <source>Go on, %1</source>
   <translation>Weiter, %1</translation>
  </message>
  <message>
   <source>Go through the points below, then press the button on the left. A display takes about a quarter of an hour.</source>
   <translation>Gehen Sie die Punkte unten durch, dann drücken Sie den Knopf links. Ein Bildschirm braucht etwa eine Viertelstunde.</translation>
  </message>
  <message>
   <source>Go to %1</source>
   <translation>Zu %1</translation>
  </message>
  <message>
   <source>Goes on with the video LUT, which brings white to the aim by itself.</source>
   <translation>Geht mit der Video-LUT weiter, die Weiß von selbst ans Ziel bringt.</translation>
  </message>
  <message>
   <source>Gradients</source>
   <translation>Verläufe</translation>
  </message>
  <message>
   <source>Green gain</source>
   <translation>Verstärkung Grün</translation>
  </message>
  <message>
   <source>Grey %1</source>
   <translation>Grau %1</translation>
  </message>
  <message>
   <source>Grey fields</source>
   <translation>Graue Felder</translation>
  </message>
  <message>
   <source>Grey in all of them. What surrounds a colour changes how it looks: judge by eye with the looks that your other programs have.</source>
   <translation>Alle sind grau. Was eine Farbe umgibt, ändert ihr Aussehen: Urteilen Sie mit dem Aussehen, das Ihre anderen Programme haben.</translation>
  </message>
  <message>
   <source>Grey ramp</source>
   <translation>Graureihe</translation>
  </message>
  <message>
   <source>Grey ramp, </source>
   <translation>Graureihe, </translation>
  </message>
  <message>
   <source>Grey shown</source>
   <translation>Gezeigtes Grau</translation>
  </message>
  <message>
   <source>Greys</source>
   <translation>Grautöne</translation>
  </message>
  <message>
   <source>Greys and white</source>
   <translation>Grautöne und Weiß</translation>
  </message>
  <message>
   <source>Greys are read and the video LUT is corrected until it fits.</source>
   <translation>Grautöne werden gemessen und die Video-LUT berichtigt, bis sie passt.</translation>
  </message>
  <message>
   <source>Greys from 5 % up against the aim: mean ΔE00 %1, worst %2 after rounds: %3; levels kept of 256: %4.</source>
   <translation>Graustufen ab 5 % gegen das Ziel: ΔE00 im Mittel %1, höchstens %2, Durchgänge: %3; erhaltene Stufen von 256: %4.</translation>
  </message>
  <message>
   <source>Greys from 5 % up, against the aim: mean ΔE00 %1, worst %2 · %3 of 256 levels kept · corrected %4 times.</source>
   <translation>Grautöne ab 5 %, gegen das Ziel: ΔE00 im Mittel %1, größtes %2 · %3 von 256 Stufen erhalten · %4-mal berichtigt.</translation>
  </message>
  <message>
   <source>Greys from white</source>
   <translation>Grautöne von Weiß an</translation>
  </message>
  <message>
   <source>Greys to read</source>
   <translation>Zu messende Grautöne</translation>
  </message>
  <message>
   <source>Greys, mean ΔE00</source>
   <translation>Grautöne, ΔE00 im Mittel</translation>
  </message>
  <message>
   <source>Greys, ΔE00 between them</source>
   <translation>Grautöne, ΔE00 zwischen ihnen</translation>
  </message>
  <message>
   <source>Hang it on the chosen display with its opening on the glass, then try again.</source>
   <translation>Hängen Sie es mit der Öffnung am Glas auf den gewählten Bildschirm, dann noch einmal.</translation>
  </message>
  <message>
   <source>Hang the first meter on the patch and read, change to the other in the Meter menu, hang it on the same spot and read again. A minute each; the display should be warm.</source>
   <translation>Hängen Sie das erste Messgerät auf das Feld und messen Sie, wechseln Sie im Menü Messgerät zum anderen, hängen Sie es auf dieselbe Stelle und messen Sie noch einmal. Je eine Minute; der Bildschirm soll warm sein.</translation>
  </message>
  <message>
   <source>Hang the meter</source>
   <translation>Messgerät hängen</translation>
  </message>
  <message>
   <source>Hang the meter and begin</source>
   <translation>Messgerät hängen und beginnen</translation>
  </message>
  <message>
   <source>Hang the meter back on the patch, flat on the glass, the screen tilted back a little so that it lies on by its own weight. Then go on: the same patch is read again.</source>
   <translation>Hängen Sie das Messgerät wieder auf das Feld, flach auf das Glas, den Schirm etwas zurückgeneigt, so dass es durch sein Gewicht aufliegt. Dann weiter: Dasselbe Feld wird noch einmal gemessen.</translation>
  </message>
  <message>
   <source>Hang the meter in the middle of the field in row %1, column %2 of the screen, then go on.</source>
   <translation>Hängen Sie das Messgerät in die Mitte des Feldes in Zeile %1, Spalte %2 des Schirms, dann weiter.</translation>
  </message>
  <message>
   <source>Hang the meter in the middle of the screen, on the light field.</source>
   <translation>Hängen Sie das Messgerät in die Mitte des Schirms, auf das helle Feld.</translation>
  </message>
  <message>
   <source>Hang the meter in the middle of the screen, then go on.</source>
   <translation>Hängen Sie das Messgerät in die Mitte des Schirms, dann weiter.</translation>
  </message>
  <message>
   <source>Hang the meter in the middle of the screen.</source>
   <translation>Hängen Sie das Messgerät in die Mitte des Schirms.</translation>
  </message>
  <message>
   <source>Hang the meter on the light field.</source>
   <translation>Hängen Sie das Messgerät auf das helle Feld.</translation>
  </message>
  <message>
   <source>Hang the meter on the light field: row %1, column %2.</source>
   <translation>Hängen Sie das Messgerät auf das helle Feld: Zeile %1, Spalte %2.</translation>
  </message>
  <message>
   <source>Hang the meter on the light field: row %1, column %2. Any other field will do, too.</source>
   <translation>Hängen Sie das Messgerät auf das helle Feld: Zeile %1, Spalte %2. Jedes andere Feld geht auch.</translation>
  </message>
  <message>
   <source>Held off while measuring.</source>
   <translation>Während des Messens abgehalten.</translation>
  </message>
  <message>
   <source>Help on this &amp;page</source>
   <translation>Hilfe zu dieser &amp;Seite</translation>
  </message>
  <message>
   <source>Help on this page</source>
   <translation>Hilfe zu dieser Seite</translation>
  </message>
  <message>
   <source>Heron, the reference meter</source>
   <translation>Heron, das Referenzmessgerät</translation>
  </message>
  <message>
   <source>Hide the help</source>
   <translation>Hilfe verbergen</translation>
  </message>
  <message>
   <source>Hide the help (F1)</source>
   <translation>Hilfe verbergen (F1)</translation>
  </message>
  <message>
   <source>Hide this message</source>
   <translation>Diese Meldung verbergen</translation>
  </message>
  <message>
   <source>High contrast</source>
   <translation>Hoher Kontrast</translation>
  </message>
  <message>
   <source>Highlights</source>
   <translation>Lichter</translation>
  </message>
  <message>
   <source>Hold the meter a hand's length from the dark screen and read; then lay it on the screen and read again. The difference is the room's.</source>
   <translation>Halten Sie das Messgerät eine Handlänge vor den dunklen Schirm und messen Sie; dann legen Sie es auf und messen noch einmal. Der Unterschied ist der Raum.</translation>
  </message>
  <message>
   <source>Hold the meter a hand's length off</source>
   <translation>Messgerät eine Handlänge entfernt halten</translation>
  </message>
  <message>
   <source>Hold: as before</source>
   <translation>Halten: wie zuvor</translation>
  </message>
  <message>
   <source>Holds up to</source>
   <translation>Gilt bis</translation>
  </message>
  <message>
   <source>How a figure went since the first reading, and where it goes. Bars: twice the standard uncertainty.</source>
   <translation>Wie eine Zahl seit der ersten Messung verlief und wohin sie geht. Balken: doppelte Standardunsicherheit.</translation>
  </message>
  <message>
   <source>How alike they are</source>
   <translation>Wie gleich sie sind</translation>
  </message>
  <message>
   <source>How fast it settles</source>
   <translation>Wie schnell er einschwingt</translation>
  </message>
  <message>
   <source>How much of it this display holds</source>
   <translation>Wie viel davon dieser Bildschirm hält</translation>
  </message>
  <message>
   <source>How much of this display's it holds</source>
   <translation>Wie viel von diesem Bildschirm es hält</translation>
  </message>
  <message>
   <source>How often the Keeper reads the room</source>
   <translation>Wie oft der Wächter den Raum misst</translation>
  </message>
  <message>
   <source>How the meter hangs</source>
   <translation>Wie das Messgerät hängt</translation>
  </message>
  <message>
   <source>How the units lie</source>
   <translation>Wie die Exemplare liegen</translation>
  </message>
  <message>
   <source>How they are seen</source>
   <translation>Wie man sie sieht</translation>
  </message>
  <message>
   <source>How this step looks when it is off and when it is right</source>
   <translation>Wie dieser Schritt aussieht, wenn er daneben liegt und wenn er stimmt</translation>
  </message>
  <message>
   <source>ICC</source>
   <translation>ICC</translation>
  </message>
  <message>
   <source>ICC %1, class %2, %3 to %4, made %5, %6 bytes</source>
   <translation>ICC %1, Klasse %2, %3 nach %4, gemacht %5, %6 Byte</translation>
  </message>
  <message>
   <source>ICC file to put in use, kept at every login</source>
   <translation>ICC-Datei, die benutzt werden soll, bei jeder Anmeldung</translation>
  </message>
  <message>
   <source>ICC file to write</source>
   <translation>ICC-Datei, die geschrieben wird</translation>
  </message>
  <message>
   <source>ICC output profiles (*.icc *.icm)</source>
   <translation>ICC-Ausgabeprofile (*.icc *.icm)</translation>
  </message>
  <message>
   <source>ICC profile</source>
   <translation>ICC-Profil</translation>
  </message>
  <message>
   <source>ICC profile of the display</source>
   <translation>ICC-Profil des Bildschirms</translation>
  </message>
  <message>
   <source>ICC profile whose video LUT is applied</source>
   <translation>ICC-Profil, dessen Video-LUT angewandt wird</translation>
  </message>
  <message>
   <source>ICC profile; with --output default: the one in use</source>
   <translation>ICC-Profil; mit --output sonst: das benutzte</translation>
  </message>
  <message>
   <source>ICC profiles (*.icc *.icm)</source>
   <translation>ICC-Profile (*.icc *.icm)</translation>
  </message>
  <message>
   <source>ICC profiles (*.icc)</source>
   <translation>ICC-Profile (*.icc)</translation>
  </message>
  <message>
   <source>ICC version</source>
   <translation>ICC-Version</translation>
  </message>
  <message>
   <source>ICC version </source>
   <translation>ICC-Version </translation>
  </message>
  <message>
   <source>ICC version %1</source>
   <translation>ICC-Version %1</translation>
  </message>
  <message>
   <source>ICC version, 4 (default) or 2</source>
   <translation>ICC-Version, 4 (sonst) oder 2</translation>
  </message>
  <message>
   <source>INTEGER</source>
   <translation>GANZZAHL</translation>
  </message>
  <message>
   <source>If no other program uses this logbook, take it over: the window asks, the command line has --take-over.</source>
   <translation>Verwendet kein anderes Programm dieses Logbuch, übernehmen Sie es: Das Fenster fragt, die Befehlszeile hat --take-over.</translation>
  </message>
  <message>
   <source>If the screen goes dark, readings are wasted.</source>
   <translation>Wird der Schirm dunkel, sind Messungen vertan.</translation>
  </message>
  <message>
   <source>Illuminance</source>
   <translation>Beleuchtungsstärke</translation>
  </message>
  <message>
   <source>Image editing</source>
   <translation>Bildbearbeitung</translation>
  </message>
  <message>
   <source>In &amp;pictures…</source>
   <translation>&amp;In Bildern…</translation>
  </message>
  <message>
   <source>In a week</source>
   <translation>In einer Woche</translation>
  </message>
  <message>
   <source>In common they have %1 of sRGB and %2 of P3.</source>
   <translation>Gemeinsam haben sie %1 von sRGB und %2 von P3.</translation>
  </message>
  <message>
   <source>Install</source>
   <translation>Installieren</translation>
  </message>
  <message>
   <source>Install one, or give one to be proved.</source>
   <translation>Installieren Sie eines, oder geben Sie eines an, das nachzuweisen ist.</translation>
  </message>
  <message>
   <source>Install the package libqt6sql6-psql.</source>
   <translation>Installieren Sie das Paket libqt6sql6-psql.</translation>
  </message>
  <message>
   <source>Install the profile</source>
   <translation>Profil installieren</translation>
  </message>
  <message>
   <source>Install the whole program.</source>
   <translation>Installieren Sie das ganze Programm.</translation>
  </message>
  <message>
   <source>Installing the profile</source>
   <translation>Installiert das Profil</translation>
  </message>
  <message>
   <source>Intent</source>
   <translation>Art</translation>
  </message>
  <message>
   <source>Into the waste basket; Undo brings it back. Key: Delete.</source>
   <translation>In den Papierkorb; Rückgängig bringt es zurück. Taste: Entf.</translation>
  </message>
  <message>
   <source>Is it still connected?</source>
   <translation>Ist er noch angeschlossen?</translation>
  </message>
  <message>
   <source>Is the disk full, or the folder not yours to write?</source>
   <translation>Ist der Datenträger voll, oder darf dort nicht geschrieben werden?</translation>
  </message>
  <message>
   <source>Is the display server still running?</source>
   <translation>Läuft der Display-Server noch?</translation>
  </message>
  <message>
   <source>Is the display still connected?</source>
   <translation>Ist der Bildschirm noch angeschlossen?</translation>
  </message>
  <message>
   <source>Is this the right kind of file?</source>
   <translation>Ist das die richtige Art von Datei?</translation>
  </message>
  <message>
   <source>It cannot be calibrated this way; a profile can still be built.</source>
   <translation>So lässt er sich nicht kalibrieren; ein Profil kann dennoch gebaut werden.</translation>
  </message>
  <message>
   <source>It comes with the program's package.</source>
   <translation>Es kommt mit dem Paket des Programms.</translation>
  </message>
  <message>
   <source>It decides how the meter is corrected: the wrong one makes white wrong.</source>
   <translation>Davon hängt ab, wie das Messgerät korrigiert wird: Die falsche macht Weiß falsch.</translation>
  </message>
  <message>
   <source>It does not tell its primaries; most displays are of this kind.</source>
   <translation>Er nennt seine Primärfarben nicht; die meisten Bildschirme sind von dieser Art.</translation>
  </message>
  <message>
   <source>It had run out.</source>
   <translation>Es war abgelaufen.</translation>
  </message>
  <message>
   <source>It hangs where it should. Reading; let it hang.</source>
   <translation>Es hängt, wo es soll. Es misst; lassen Sie es hängen.</translation>
  </message>
  <message>
   <source>It has never been measured.</source>
   <translation>Er wurde noch nie gemessen.</translation>
  </message>
  <message>
   <source>It has not been measured on this display, so the profile is of the screen alone.</source>
   <translation>Es wurde auf diesem Bildschirm nicht gemessen, so dass das Profil nur dem Schirm gilt.</translation>
  </message>
  <message>
   <source>It has to be paired anew before it shows patches again.</source>
   <translation>Es muss neu gekoppelt werden, ehe es wieder Felder zeigt.</translation>
  </message>
  <message>
   <source>It holds</source>
   <translation>Es gilt</translation>
  </message>
  <message>
   <source>It holds: %1.</source>
   <translation>Enthalten sind: %1.</translation>
  </message>
  <message>
   <source>It is in force until another one is chosen or a run is finished. What is in use now stays in the list of the page Profile.</source>
   <translation>Es gilt, bis ein anderes gewählt oder ein Lauf fertig wird. Was jetzt in Gebrauch ist, bleibt in der Liste der Seite Profil.</translation>
  </message>
  <message>
   <source>It is not installed for all users: %1 Whoever may can do so with: %2</source>
   <translation>Es ist nicht für alle Benutzer installiert: %1 Wer darf, kann es so: %2</translation>
  </message>
  <message>
   <source>It is off.</source>
   <translation>Es ist aus.</translation>
  </message>
  <message>
   <source>It is on. Switch it off in the desktop's settings.</source>
   <translation>Es ist an. Schalten Sie es in den Einstellungen des Desktops aus.</translation>
  </message>
  <message>
   <source>It is put aside while measuring; a program that loads it again spoils the run.</source>
   <translation>Sie wird beim Messen beiseitegelegt; ein Programm, das sie wieder lädt, verdirbt den Lauf.</translation>
  </message>
  <message>
   <source>It is the default in the desktop's colour service too.</source>
   <translation>Es ist auch im Farbdienst des Desktops der Standard.</translation>
  </message>
  <message>
   <source>It is the device whose page says so in large letters.</source>
   <translation>Es ist das Gerät, dessen Seite es in großen Buchstaben sagt.</translation>
  </message>
  <message>
   <source>It is to be renewed by %1. Laboratories take some weeks.</source>
   <translation>Es ist bis %1 zu erneuern. Labore brauchen einige Wochen.</translation>
  </message>
  <message>
   <source>It is.</source>
   <translation>Ist es.</translation>
  </message>
  <message>
   <source>It must lie inside the triangle of red, green and blue.</source>
   <translation>Es muss im Dreieck aus Rot, Grün und Blau liegen.</translation>
  </message>
  <message>
   <source>It needs no correction.</source>
   <translation>Es braucht keine Korrektur.</translation>
  </message>
  <message>
   <source>It ran out on %1. Have it calibrated.</source>
   <translation>Es lief am %1 ab. Lassen Sie es kalibrieren.</translation>
  </message>
  <message>
   <source>It runs on its battery. Plug it in.</source>
   <translation>Er läuft mit Akku. Stecken Sie ihn ein.</translation>
  </message>
  <message>
   <source>It says</source>
   <translation>Es sagt</translation>
  </message>
  <message>
   <source>It should be looked at again by %1.</source>
   <translation>Bis %1 sollte wieder nachgesehen werden.</translation>
  </message>
  <message>
   <source>It takes two finished runs, of one display or of two.</source>
   <translation>Es braucht zwei fertige Läufe, von einem Bildschirm oder von zweien.</translation>
  </message>
  <message>
   <source>It tells when the room has less than half or more than twice the light of %1. The meter lies on the desk, diffuser up.</source>
   <translation>Er meldet, wenn der Raum weniger als die Hälfte oder mehr als das Doppelte des Lichts von %1 hat. Das Messgerät liegt auf dem Tisch, Streuscheibe nach oben.</translation>
  </message>
  <message>
   <source>It tints the screens: switch it off while measuring.</source>
   <translation>Es tönt die Schirme: Schalten Sie es beim Messen aus.</translation>
  </message>
  <message>
   <source>It was begun by another version of Bold Lantern; start a new run.</source>
   <translation>Er wurde von einer anderen Version von Bold Lantern begonnen; beginnen Sie einen neuen Lauf.</translation>
  </message>
  <message numerus="yes">
   <source>It was last measured %n days ago.</source>
   <translation>
    <numerusform>Zuletzt vor %n Tag gemessen.</numerusform>
    <numerusform>Zuletzt vor %n Tagen gemessen.</numerusform>
   </translation>
  </message>
  <message>
   <source>It was made in %1, when fluorescent lamps were the rule.</source>
   <translation>Es wurde %1 hergestellt, als Leuchtstoffröhren die Regel waren.</translation>
  </message>
  <message>
   <source>It was never read on this display.</source>
   <translation>Sie wurde auf diesem Bildschirm nie gemessen.</translation>
  </message>
  <message>
   <source>It was set aside as %1.</source>
   <translation>Sie wurde als %1 beiseitegelegt.</translation>
  </message>
  <message>
   <source>It was to be renewed by %1. What is measured goes on, but its uncertainty is no longer vouched for.</source>
   <translation>Es sollte bis %1 erneuert werden. Gemessen wird weiter, aber für seine Unsicherheit bürgt niemand mehr.</translation>
  </message>
  <message>
   <source>Its colour service tells other programs of profiles.</source>
   <translation>Sein Farbdienst sagt anderen Programmen von Profilen.</translation>
  </message>
  <message>
   <source>Its files in the folder stay as they are. Give another --out for a new run.</source>
   <translation>Seine Dateien im Ordner bleiben, wie sie sind. Geben Sie ein anderes --out für einen neuen Lauf.</translation>
  </message>
  <message>
   <source>Its name says so.</source>
   <translation>Sein Name sagt es.</translation>
  </message>
  <message>
   <source>Its primaries span %1 % of sRGB's area, as white LEDs do.</source>
   <translation>Seine Primärfarben spannen %1 % der Fläche von sRGB auf, wie weiße LEDs.</translation>
  </message>
  <message>
   <source>Its primaries span %1 % of sRGB's area, more than plain white LEDs can.</source>
   <translation>Seine Primärfarben spannen %1 % der Fläche von sRGB auf, mehr als schlichte weiße LEDs können.</translation>
  </message>
  <message>
   <source>Its profile has never been checked.</source>
   <translation>Sein Profil wurde nie geprüft.</translation>
  </message>
  <message>
   <source>Its readings stay in the logbook, but the run is not offered again.</source>
   <translation>Seine Messungen bleiben im Logbuch, aber der Lauf wird nicht wieder angeboten.</translation>
  </message>
  <message>
   <source>Its readings swing: it hangs crooked or moves. Tilt the screen back a little.</source>
   <translation>Seine Messungen schwanken: Es hängt schief oder bewegt sich. Neigen Sie den Schirm etwas zurück.</translation>
  </message>
  <message>
   <source>Its tint, Δu'v'</source>
   <translation>Sein Stich, Δu'v'</translation>
  </message>
  <message>
   <source>Its white: %1.</source>
   <translation>Sein Weiß: %1.</translation>
  </message>
  <message>
   <source>Join one: bold-lantern-cli book join --logbook FILE --url URL.</source>
   <translation>Treten Sie einem bei: bold-lantern-cli book join --logbook FILE --url URL.</translation>
  </message>
  <message>
   <source>Judged by eye</source>
   <translation>Nach Augenmaß</translation>
  </message>
  <message>
   <source>K found</source>
   <translation>K gefunden</translation>
  </message>
  <message>
   <source>KIND@READING is expected</source>
   <translation>KIND@READING wird erwartet</translation>
  </message>
  <message>
   <source>KIND@READING: make the meter fail once, e.g. unplugged@40</source>
   <translation>ART@MESSUNG: lässt das Messgerät einmal versagen, z. B. unplugged@40</translation>
  </message>
  <message>
   <source>Keep as m&amp;y own</source>
   <translation>Als eigenes behalten</translation>
  </message>
  <message>
   <source>Keep it</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <source>Keep profiles in force from every login on</source>
   <translation>Profile von jedem Anmelden an in Kraft halten</translation>
  </message>
  <message>
   <source>Keeps each display's profile and video LUT in force, tells when another program has changed them, and reminds of displays that are due for a check.</source>
   <translation>Hält Profil und Video-LUT jedes Bildschirms in Kraft, meldet, wenn ein anderes Programm sie geändert hat, und erinnert an fällige Prüfungen.</translation>
  </message>
  <message>
   <source>Kept among your own aims as %1.</source>
   <translation>Als %1 unter Ihren eigenen Zielen behalten.</translation>
  </message>
  <message>
   <source>Kept by the desktop's secret service.</source>
   <translation>Vom Schlüsselbund des Desktops verwahrt.</translation>
  </message>
  <message>
   <source>Kept for %1, although the certificate is of %2.</source>
   <translation>Für %1 behalten, obwohl das Zertifikat %2 gilt.</translation>
  </message>
  <message>
   <source>Kept lights</source>
   <translation>Behaltenes Licht</translation>
  </message>
  <message>
   <source>Kept ones</source>
   <translation>Behaltene</translation>
  </message>
  <message>
   <source>Kept: %1 is corrected on this display by %2.</source>
   <translation>Behalten: %1 wird auf diesem Bildschirm durch %2 korrigiert.</translation>
  </message>
  <message>
   <source>Kept: a correction for panels of kind %1.</source>
   <translation>Behalten: eine Korrektur für Panels der Art „%1“.</translation>
  </message>
  <message>
   <source>Kept: certificate %1, to be renewed by %2.</source>
   <translation>Behalten: Zertifikat %1, bis %2 zu erneuern.</translation>
  </message>
  <message>
   <source>Kind</source>
   <translation>Art</translation>
  </message>
  <message>
   <source>Kind of profile</source>
   <translation>Art des Profils</translation>
  </message>
  <message>
   <source>Knocked off the patch</source>
   <translation>Vom Feld gestoßen</translation>
  </message>
  <message>
   <source>Known colours are read through the profile, greys and white against the aim.</source>
   <translation>Bekannte Farben werden durch das Profil gemessen, Grautöne und Weiß gegen das Ziel.</translation>
  </message>
  <message>
   <source>Known colours are shown and read: each field the colour expected, its spot the one read.</source>
   <translation>Bekannte Farben werden gezeigt und gemessen: jedes Feld die erwartete Farbe, sein Fleck die gemessene.</translation>
  </message>
  <message>
   <source>Known colours will stand here, each with a spot of what the display really showed. They are read after the profile is installed.</source>
   <translation>Hier werden bekannte Farben stehen, jede mit einem Fleck dessen, was der Bildschirm wirklich zeigte. Sie werden gemessen, wenn das Profil installiert ist.</translation>
  </message>
  <message>
   <source>Known to be on for %1 minutes.</source>
   <translation>Bekanntermaßen seit %1 Minuten an.</translation>
  </message>
  <message>
   <source>Known: %1. "Beside the print" follows it.</source>
   <translation>Bekannt: %1. „Neben dem Druck“ folgt ihm.</translation>
  </message>
  <message>
   <source>L* %1</source>
   <translation>L* %1</translation>
  </message>
  <message>
   <source>L* a* b* aimed</source>
   <translation>L* a* b* verlangt</translation>
  </message>
  <message>
   <source>L* a* b* measured</source>
   <translation>L* a* b* gemessen</translation>
  </message>
  <message>
   <source>L* first</source>
   <translation>L* erster</translation>
  </message>
  <message>
   <source>L* second</source>
   <translation>L* zweiter</translation>
  </message>
  <message>
   <source>LUT lost</source>
   <translation>LUT verloren</translation>
  </message>
  <message>
   <source>Lang&amp;uage</source>
   <translation>Sp&amp;rache</translation>
  </message>
  <message>
   <source>Language</source>
   <translation>Sprache</translation>
  </message>
  <message>
   <source>Lantern 40</source>
   <translation>Lantern 40</translation>
  </message>
  <message>
   <source>Lantern 72</source>
   <translation>Lantern 72</translation>
  </message>
  <message>
   <source>Largest</source>
   <translation>Größtes</translation>
  </message>
  <message>
   <source>Last 30 days</source>
   <translation>Letzte 30 Tage</translation>
  </message>
  <message>
   <source>Last 90 days</source>
   <translation>Letzte 90 Tage</translation>
  </message>
  <message>
   <source>Last run</source>
   <translation>Letzter Lauf</translation>
  </message>
  <message>
   <source>Last time</source>
   <translation>Zuletzt</translation>
  </message>
  <message>
   <source>Last year</source>
   <translation>Letztes Jahr</translation>
  </message>
  <message>
   <source>Learning how fast it settles</source>
   <translation>Lernt, wie schnell er einschwingt</translation>
  </message>
  <message>
   <source>Leave it</source>
   <translation>Lassen</translation>
  </message>
  <message>
   <source>Leave the file as it is; what it still holds comes into a new one with: bold-lantern-cli log --logbook FILE --rescue NEW</source>
   <translation>Lassen Sie die Datei, wie sie ist; was sie noch enthält, kommt in eine neue mit: bold-lantern-cli log --logbook FILE --rescue NEW</translation>
  </message>
  <message>
   <source>Leave the option out.</source>
   <translation>Lassen Sie die Option weg.</translation>
  </message>
  <message>
   <source>Leave them out.</source>
   <translation>Lassen Sie sie weg.</translation>
  </message>
  <message>
   <source>Leave this display out.</source>
   <translation>Lassen Sie diesen Bildschirm weg.</translation>
  </message>
  <message>
   <source>Ledger</source>
   <translation>Übersicht</translation>
  </message>
  <message>
   <source>Left and Right move the divider, Space held shows all as before, X swaps; wheel, + and - enlarge, 1 shows every pixel, 0 the whole; D held puts the display's former video LUT and profile on the screen itself.</source>
   <translation>Links und Rechts bewegen die Teilung, gehaltene Leertaste zeigt alles wie vorher, X tauscht; Rad, + und - vergrößern, 1 zeigt jedes Pixel, 0 das Ganze; D gehalten bringt frühere Video-LUT und Profil auf den Bildschirm selbst.</translation>
  </message>
  <message>
   <source>Left and Right: cooler and warmer; Up and Down: greener and pinker; Page Up and Page Down: light; + and -: middle greys; Shift: farther; Space held: as before; Home: back to the calibration.</source>
   <translation>Links und Rechts: kühler und wärmer; Auf und Ab: grüner und rosiger; Bild auf und ab: Licht; + und -: mittlere Grautöne; Umschalt: weiter; Leertaste gehalten: wie zuvor; Pos1: zurück zur Kalibrierung.</translation>
  </message>
  <message>
   <source>Left: %1.</source>
   <translation>Liegen geblieben: %1.</translation>
  </message>
  <message>
   <source>Left: run</source>
   <translation>Liegen geblieben: Lauf</translation>
  </message>
  <message>
   <source>Let each workstation in: bold-lantern-cli book admit NAME --url URL</source>
   <translation>Lassen Sie jeden Arbeitsplatz ein: bold-lantern-cli book admit NAME --url URL</translation>
  </message>
  <message>
   <source>Let it hang still, then try again.</source>
   <translation>Lassen Sie es still hängen, dann noch einmal.</translation>
  </message>
  <message>
   <source>Let the next reading &amp;fail</source>
   <translation>Nächste Messung &amp;misslingen lassen</translation>
  </message>
  <message>
   <source>Levels</source>
   <translation>Stufen</translation>
  </message>
  <message>
   <source>Licence</source>
   <translation>Lizenz</translation>
  </message>
  <message>
   <source>Licences of what it is made with</source>
   <translation>Lizenzen dessen, woraus es gemacht ist</translation>
  </message>
  <message>
   <source>Light</source>
   <translation>Licht</translation>
  </message>
  <message>
   <source>Light</source>
   <comment>looks of the window</comment>
   <translation>Hell</translation>
  </message>
  <message>
   <source>Light and colour all over the screen, against its middle. The meter hangs on one field after the other; the screen shows which, and sees by itself that it is there.</source>
   <translation>Licht und Farbe überall auf dem Schirm, gegen seine Mitte. Das Messgerät hängt auf einem Feld nach dem anderen; der Schirm zeigt, auf welchem, und sieht selbst, dass es dort ist.</translation>
  </message>
  <message>
   <source>Light around the desk…</source>
   <translation>Licht am Arbeitsplatz…</translation>
  </message>
  <message>
   <source>Light at the top of the brightness is foretold, not read.</source>
   <translation>Das Licht bei voller Helligkeit ist vorhergesagt, nicht gemessen.</translation>
  </message>
  <message>
   <source>Light bars on white</source>
   <translation>Helle Balken auf Weiß</translation>
  </message>
  <message>
   <source>Light is limited by %1, contrast by %2.</source>
   <translation>Das Licht wird von %1 begrenzt, der Kontrast von %2.</translation>
  </message>
  <message>
   <source>Light leaks in, or black is unusually bright here.</source>
   <translation>Licht dringt ein, oder Schwarz ist hier ungewöhnlich hell.</translation>
  </message>
  <message>
   <source>Light, cd/m²</source>
   <translation>Licht, cd/m²</translation>
  </message>
  <message>
   <source>Lightness of the greys and their tint. The curves of the video LUT appear when the greys have been calibrated.</source>
   <translation>Helligkeit der Grautöne und ihr Stich. Die Kurven der Video-LUT erscheinen, wenn die Grautöne kalibriert sind.</translation>
  </message>
  <message>
   <source>Lightness of the greys and their tint. This output has no video LUT: the tone curve stays the panel's own.</source>
   <translation>Helligkeit der Grautöne und ihr Stich. Dieser Ausgang hat keine Video-LUT: Die Tonwertkurve bleibt die des Panels.</translation>
  </message>
  <message>
   <source>Lightness of the greys, their tint, and what the video LUT does to get there.</source>
   <translation>Helligkeit der Grautöne, ihr Stich, und was die Video-LUT dafür tut.</translation>
  </message>
  <message>
   <source>Lightness of the greys, their tint, and what the video LUT does. Nothing measured yet: the main action on the left leads there.</source>
   <translation>Helligkeit der Grautöne, ihr Stich, und was die Video-LUT tut. Noch nichts gemessen: Der große Knopf links führt dorthin.</translation>
  </message>
  <message>
   <source>Lightness of the paper</source>
   <translation>Helligkeit des Papiers</translation>
  </message>
  <message>
   <source>Lightness of the section</source>
   <translation>Helligkeit des Schnitts</translation>
  </message>
  <message>
   <source>Lights parts of the screen until the meter is found, and puts the patch under it.</source>
   <translation>Erleuchtet Teile des Schirms, bis das Messgerät gefunden ist, und legt das Feld darunter.</translation>
  </message>
  <message>
   <source>Limit</source>
   <translation>Grenze</translation>
  </message>
  <message>
   <source>Limit it, to between 200:1 and 1000:1, only to match other displays or a print.</source>
   <translation>Begrenzen Sie es, auf 200:1 bis 1000:1, nur zum Angleichen an andere Bildschirme oder einen Druck.</translation>
  </message>
  <message>
   <source>Limits</source>
   <translation>Grenzen</translation>
  </message>
  <message>
   <source>Limits (*.json)</source>
   <translation>Grenzen (*.json)</translation>
  </message>
  <message>
   <source>Limits that displays are held to</source>
   <translation>Grenzen für Bildschirme</translation>
  </message>
  <message>
   <source>Limits: %1 (%2).</source>
   <translation>Grenzen: %1 (%2).</translation>
  </message>
  <message>
   <source>Limits: %1.</source>
   <translation>Grenzen: %1.</translation>
  </message>
  <message>
   <source>Lined field with a solid one in its middle</source>
   <translation>Liniertes Feld mit einem vollen in der Mitte</translation>
  </message>
  <message>
   <source>Lists of colours (*.txt *.cgats *.ti3 *.cxf *.xml *.csv);;All files (*)</source>
   <translation>Farblisten (*.txt *.cgats *.ti3 *.cxf *.xml *.csv);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Lists of colours (*.txt *.cgats *.ti3 *.cxf *.xml *.csv);;Pictures (*.png *.jpg *.jpeg *.tif *.tiff);;All files (*)</source>
   <translation>Farblisten (*.txt *.cgats *.ti3 *.cxf *.xml *.csv);;Bilder (*.png *.jpg *.jpeg *.tif *.tiff);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Little CMS could not write a tag: %1</source>
   <translation>Little CMS konnte einen Tag nicht schreiben: %1</translation>
  </message>
  <message>
   <source>Logbook</source>
   <translation>Logbuch</translation>
  </message>
  <message>
   <source>Logbooks (*.sqlite)</source>
   <translation>Logbücher (*.sqlite)</translation>
  </message>
  <message>
   <source>Logbooks (*.sqlite);;All files (*)</source>
   <translation>Logbücher (*.sqlite);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Logo</source>
   <translation>Logo</translation>
  </message>
  <message>
   <source>Look at it</source>
   <translation>Ansehen</translation>
  </message>
  <message>
   <source>Look at something white in daylight for a minute, then quickly at these greys. Move the sliders until they show no tint.</source>
   <translation>Sehen Sie eine Minute auf etwas Weißes im Tageslicht, dann schnell auf diese Grautöne. Schieben Sie die Regler, bis kein Stich zu sehen ist.</translation>
  </message>
  <message>
   <source>Look for a newer driver.</source>
   <translation>Suchen Sie einen neueren Treiber.</translation>
  </message>
  <message>
   <source>Look whether it is there and may be read.</source>
   <translation>Sehen Sie nach, ob es da ist und gelesen werden darf.</translation>
  </message>
  <message>
   <source>Looking for the meter</source>
   <translation>Sucht das Messgerät</translation>
  </message>
  <message>
   <source>Looks</source>
   <translation>Aussehen</translation>
  </message>
  <message>
   <source>Lost, %1:</source>
   <translation>Verloren, %1:</translation>
  </message>
  <message>
   <source>Lost: run</source>
   <translation>Verloren: Lauf</translation>
  </message>
  <message>
   <source>Lower the contrast until the lightest steps part, or choose a plain mode, then start again.</source>
   <translation>Senken Sie den Kontrast, bis die hellsten Stufen sich trennen, oder wählen Sie einen schlichten Modus; dann neu beginnen.</translation>
  </message>
  <message>
   <source>Luminance</source>
   <translation>Leuchtdichte</translation>
  </message>
  <message>
   <source>Luminance of the greys is off by %1 % in the mean, %2 % at worst.</source>
   <translation>Die Leuchtdichte der Grautöne liegt im Mittel %1 %, höchstens %2 % daneben.</translation>
  </message>
  <message>
   <source>Luminance of white, cd/m²</source>
   <translation>Leuchtdichte des Weiß, cd/m²</translation>
  </message>
  <message>
   <source>Luminance over before</source>
   <translation>Leuchtdichte gegen vorher</translation>
  </message>
  <message>
   <source>Luminance, at least</source>
   <translation>Leuchtdichte, mindestens</translation>
  </message>
  <message>
   <source>Luminance, from the aim</source>
   <translation>Leuchtdichte, vom Ziel</translation>
  </message>
  <message>
   <source>M&amp;ove the patch</source>
   <translation>&amp;Feld bewegen</translation>
  </message>
  <message>
   <source>Ma&amp;ke the profile and use it</source>
   <translation>Profil erstellen und &amp;verwenden</translation>
  </message>
  <message>
   <source>Made</source>
   <translation>Erstellt</translation>
  </message>
  <message>
   <source>Made for</source>
   <translation>Gemacht für</translation>
  </message>
  <message>
   <source>Made from</source>
   <translation>Gemacht aus</translation>
  </message>
  <message>
   <source>Make it your own alone: chmod 600.</source>
   <translation>Machen Sie sie zu Ihrer eigenen: chmod 600.</translation>
  </message>
  <message>
   <source>Make it…</source>
   <translation>Erstellen…</translation>
  </message>
  <message>
   <source>Make one, by somebody who may: bold-lantern-cli book init URL.</source>
   <translation>Jemand, der darf, legt es an: bold-lantern-cli book init URL.</translation>
  </message>
  <message>
   <source>Make room on it, then try again.</source>
   <translation>Schaffen Sie Platz darauf, dann noch einmal.</translation>
  </message>
  <message>
   <source>Make room on the disk, then go on: everything read before is safe.</source>
   <translation>Schaffen Sie Platz, dann weiter: Alles zuvor Gemessene ist sicher.</translation>
  </message>
  <message>
   <source>Make them ali&amp;ke</source>
   <translation>Glei&amp;ch machen</translation>
  </message>
  <message>
   <source>Many units with one recipe: scan a serial number, the unit is calibrated, proved and judged, its report goes into a folder of that number, and the next one follows.</source>
   <translation>Viele Exemplare nach einem Rezept: Seriennummer einlesen, das Exemplar wird kalibriert, nachgewiesen und beurteilt, sein Bericht kommt in einen Ordner dieser Nummer, und das nächste folgt.</translation>
  </message>
  <message>
   <source>Map of the screen</source>
   <translation>Karte des Schirms</translation>
  </message>
  <message>
   <source>Match fields</source>
   <translation>Vergleichsfelder</translation>
  </message>
  <message>
   <source>Matt screens throw back 1 to 2 %, glossy ones up to 5 % (common values).</source>
   <translation>Matte Schirme werfen 1 bis 2 % zurück, glänzende bis 5 % (übliche Werte).</translation>
  </message>
  <message>
   <source>May this folder be written?</source>
   <translation>Darf in diesen Ordner geschrieben werden?</translation>
  </message>
  <message>
   <source>Mean change ΔE00 %1</source>
   <translation>Änderung im Mittel ΔE00 %1</translation>
  </message>
  <message>
   <source>Mean ΔE00</source>
   <translation>ΔE00 im Mittel</translation>
  </message>
  <message>
   <source>Meas&amp;ure</source>
   <translation>Messumfan&amp;g</translation>
  </message>
  <message>
   <source>Meas&amp;ure evenness</source>
   <translation>Gleichm&amp;äßigkeit messen</translation>
  </message>
  <message>
   <source>Meas&amp;ure it</source>
   <translation>&amp;Gerät messen</translation>
  </message>
  <message>
   <source>Measure %1</source>
   <translation>%1 messen</translation>
  </message>
  <message>
   <source>Measure %1 patches</source>
   <translation>%1 Felder messen</translation>
  </message>
  <message>
   <source>Measure a chart of at least 24 patches.</source>
   <translation>Messen Sie eine Farbtafel mit mindestens 24 Feldern.</translation>
  </message>
  <message>
   <source>Measure a chart that holds white, black and some greys.</source>
   <translation>Messen Sie eine Tafel mit Weiß, Schwarz und einigen Grautönen.</translation>
  </message>
  <message>
   <source>Measure a chart with some greys: tone and grey balance hang on them.</source>
   <translation>Messen Sie eine Farbtafel mit einigen Grautönen: An ihnen hängen Tonwerte und Graubalance.</translation>
  </message>
  <message>
   <source>Measure again.</source>
   <translation>Messen Sie noch einmal.</translation>
  </message>
  <message>
   <source>Measure for %1 minutes</source>
   <translation>%1 Minuten messen</translation>
  </message>
  <message>
   <source>Measure it</source>
   <translation>Messen</translation>
  </message>
  <message>
   <source>Measure through one that only rises.</source>
   <translation>Messen Sie durch eine, die nur steigt.</translation>
  </message>
  <message>
   <source>Measure until ΔE00 %1</source>
   <translation>Messen bis ΔE00 %1</translation>
  </message>
  <message>
   <source>Measured %1 with %2.</source>
   <translation>Gemessen %1 mit %2.</translation>
  </message>
  <message>
   <source>Measured L* a* b*</source>
   <translation>L* a* b* gemessen</translation>
  </message>
  <message>
   <source>Measures displays, brings them to an aim and proves it.</source>
   <translation>Misst Bildschirme, bringt sie an ein Ziel und weist es nach.</translation>
  </message>
  <message>
   <source>Measures displays, brings them to an aim and proves it. Free software under the GNU General Public License, version 3 or later; it comes without any warranty. Nothing is sent anywhere.</source>
   <translation>Misst Bildschirme, bringt sie an ein Ziel und weist es nach. Freie Software unter der GNU General Public License, Version 3 oder später; ohne jede Gewähr. Nichts wird irgendwohin gesendet.</translation>
  </message>
  <message>
   <source>Measuring</source>
   <translation>Misst</translation>
  </message>
  <message>
   <source>Measuring evenness</source>
   <translation>Misst die Gleichmäßigkeit</translation>
  </message>
  <message>
   <source>Media white X %1 Y %2 Z %3</source>
   <translation>Medienweiß X %1 Y %2 Z %3</translation>
  </message>
  <message>
   <source>Meter</source>
   <translation>Gerät</translation>
  </message>
  <message>
   <source>Meter and patches</source>
   <translation>Messgerät und Felder</translation>
  </message>
  <message>
   <source>Meter connected</source>
   <translation>Messgerät angeschlossen</translation>
  </message>
  <message>
   <source>Meter hangs flat on the patch</source>
   <translation>Messgerät hängt flach auf dem Feld</translation>
  </message>
  <message>
   <source>Meter menu: choose one</source>
   <translation>Menü Messgerät: eines wählen</translation>
  </message>
  <message>
   <source>Meter of the desktop</source>
   <translation>Messgerät des Desktops</translation>
  </message>
  <message>
   <source>Meter read by hand</source>
   <translation>Von Hand abgelesenes Messgerät</translation>
  </message>
  <message>
   <source>Meter to &amp;correct</source>
   <translation>&amp;Zu korrigierendes Messgerät</translation>
  </message>
  <message>
   <source>Meter to correct</source>
   <translation>Zu korrigierendes Messgerät</translation>
  </message>
  <message>
   <source>Meter unplugged</source>
   <translation>Messgerät ausgesteckt</translation>
  </message>
  <message>
   <source>Meter: %1, %2</source>
   <translation>Messgerät: %1, %2</translation>
  </message>
  <message>
   <source>Middle grey</source>
   <translation>Mittelgrau</translation>
  </message>
  <message>
   <source>Middle greys, ΔL*</source>
   <translation>Mittlere Grautöne, ΔL*</translation>
  </message>
  <message>
   <source>Minutes of measuring</source>
   <translation>Minuten des Messens</translation>
  </message>
  <message>
   <source>Mode</source>
   <translation>Modus</translation>
  </message>
  <message>
   <source>Monitor at its factory settings</source>
   <translation>Monitor auf Werkseinstellungen</translation>
  </message>
  <message>
   <source>Monitor settings</source>
   <translation>Einstellungen des Monitors</translation>
  </message>
  <message>
   <source>Monitor's memory</source>
   <translation>Speicher des Monitors</translation>
  </message>
  <message>
   <source>More on this</source>
   <translation>Mehr dazu</translation>
  </message>
  <message>
   <source>Most failures come from skipping this.</source>
   <translation>Die meisten Fehler kommen davon, dies zu überspringen.</translation>
  </message>
  <message>
   <source>Most, cd/m²</source>
   <translation>Höchstens, cd/m²</translation>
  </message>
  <message>
   <source>N&amp;o logo</source>
   <translation>&amp;Kein Logo</translation>
  </message>
  <message>
   <source>NOT NEGATIVE</source>
   <translation>NICHT NEGATIV</translation>
  </message>
  <message>
   <source>NUMBER</source>
   <translation>ZAHL</translation>
  </message>
  <message>
   <source>NaN, comments and trailing commas are not allowed in JSON.</source>
   <translation>NaN, Kommentare und Kommas am Ende sind in JSON nicht erlaubt.</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>Name of the aim</source>
   <translation>Name des Ziels</translation>
  </message>
  <message>
   <source>Name of the batch</source>
   <translation>Name der Serie</translation>
  </message>
  <message>
   <source>Name of the light</source>
   <translation>Name des Lichts</translation>
  </message>
  <message>
   <source>Name of the profile</source>
   <translation>Name des Profils</translation>
  </message>
  <message>
   <source>Name of the slot</source>
   <translation>Name des Platzes</translation>
  </message>
  <message>
   <source>Name one that does not exist.</source>
   <translation>Nennen Sie eine, die es nicht gibt.</translation>
  </message>
  <message>
   <source>Name, such as Studio in the evening</source>
   <translation>Name, etwa Studio am Abend</translation>
  </message>
  <message>
   <source>Names are made of</source>
   <translation>Namen bestehen aus</translation>
  </message>
  <message>
   <source>Names, copyright</source>
   <translation>Namen, Copyright</translation>
  </message>
  <message>
   <source>Narrow-banded light: whites with equal figures need not look equal. Match it by eye where that matters.</source>
   <translation>Schmalbandiges Licht: Weiß mit gleichen Zahlen muss nicht gleich aussehen. Gleichen Sie nach Augenmaß ab, wo das zählt.</translation>
  </message>
  <message>
   <source>Native</source>
   <translation>Nativ</translation>
  </message>
  <message>
   <source>Ne&amp;xt</source>
   <translation>Nä&amp;chstes</translation>
  </message>
  <message>
   <source>Nearest that whole steps of this output can come: Δu'v' %1 away.</source>
   <translation>Näher kommen ganze Stufen dieses Ausgangs nicht: Δu'v' %1 entfernt.</translation>
  </message>
  <message>
   <source>Needs</source>
   <translation>Nur mit</translation>
  </message>
  <message>
   <source>Needs zeroing</source>
   <translation>Will genullt werden</translation>
  </message>
  <message>
   <source>Never</source>
   <translation>Nie</translation>
  </message>
  <message>
   <source>New run with this aim</source>
   <translation>Neuer Lauf mit diesem Ziel</translation>
  </message>
  <message>
   <source>Next check in %1 days. Its drift is not known yet: that takes three proofs.</source>
   <translation>Nächste Prüfung in %1 Tagen. Seine Drift ist noch nicht bekannt: Dazu braucht es drei Nachweise.</translation>
  </message>
  <message>
   <source>Next check in about %1 days, by how its light drifts.</source>
   <translation>Nächste Prüfung in etwa %1 Tagen, nach der Drift seines Lichts.</translation>
  </message>
  <message>
   <source>Next come the %1 with %2.</source>
   <translation>Als Nächste kommen „%1“ mit %2.</translation>
  </message>
  <message>
   <source>Night light off</source>
   <translation>Nachtlicht aus</translation>
  </message>
  <message>
   <source>No aim for all of them. %1</source>
   <translation>Kein Ziel für alle. %1</translation>
  </message>
  <message>
   <source>No batch is open. A batch takes units one after another through the same recipe: what the pages Aim, Profile and Colour accuracy say now.</source>
   <translation>Keine Serie ist offen. Eine Serie nimmt ein Exemplar nach dem anderen durch dasselbe Rezept: was die Seiten Ziel, Profil und Farbtreue jetzt sagen.</translation>
  </message>
  <message>
   <source>No colour service runs here.</source>
   <translation>Hier läuft kein Farbdienst.</translation>
  </message>
  <message>
   <source>No colour service runs, so other programs do not hear of profiles: open the profile's file in those that ask for one.</source>
   <translation>Kein Farbdienst läuft, andere Programme hören also nicht von Profilen: Öffnen Sie die Profildatei in denen, die nach einer fragen.</translation>
  </message>
  <message>
   <source>No copyright, use freely.</source>
   <translation>No copyright, use freely.</translation>
  </message>
  <message>
   <source>No display was found</source>
   <translation>Kein Bildschirm gefunden</translation>
  </message>
  <message>
   <source>No file of ours is.</source>
   <translation>Keine unserer Dateien ist das.</translation>
  </message>
  <message>
   <source>No file that this program uses is that large.</source>
   <translation>Keine Datei, die dieses Programm verwendet, ist so groß.</translation>
  </message>
  <message>
   <source>No kind of colour stands out: all are off alike, by %1 ΔE00 at most. Calibrating and measuring anew would help.</source>
   <translation>Keine Art von Farbe fällt heraus: Alle liegen gleich weit daneben, höchstens %1 ΔE00. Neu kalibrieren und messen würde helfen.</translation>
  </message>
  <message>
   <source>No kind of colour stands out: all are within %1 ΔE00.</source>
   <translation>Keine Art von Farbe fällt heraus: Alle liegen innerhalb von %1 ΔE00.</translation>
  </message>
  <message>
   <source>No light is chosen above, so the profile is of the screen alone.</source>
   <translation>Oben ist kein Licht gewählt, so dass das Profil nur dem Schirm gilt.</translation>
  </message>
  <message>
   <source>No light on the screen</source>
   <translation>Kein Licht auf dem Schirm</translation>
  </message>
  <message>
   <source>No limit</source>
   <translation>Ohne Grenze</translation>
  </message>
  <message>
   <source>No meter</source>
   <translation>Kein Messgerät</translation>
  </message>
  <message>
   <source>No meter is chosen. Choose one in the Meter menu.</source>
   <translation>Kein Messgerät ist gewählt. Wählen Sie eines im Menü Messgerät.</translation>
  </message>
  <message>
   <source>No other profile of this display is known.</source>
   <translation>Kein anderes Profil dieses Bildschirms ist bekannt.</translation>
  </message>
  <message>
   <source>No other program's video LUT</source>
   <translation>Keine Video-LUT eines anderen Programms</translation>
  </message>
  <message>
   <source>No profile of this display is known.</source>
   <translation>Von diesem Bildschirm ist kein Profil bekannt.</translation>
  </message>
  <message>
   <source>No program here opens folders. It is %1.</source>
   <translation>Kein Programm hier öffnet Ordner. Er heißt %1.</translation>
  </message>
  <message>
   <source>No program here opens web pages, or the handbook is not there.</source>
   <translation>Kein Programm hier öffnet Webseiten, oder das Handbuch ist nicht da.</translation>
  </message>
  <message>
   <source>No program here opens web pages. The report is %1.</source>
   <translation>Kein Programm hier öffnet Webseiten. Der Bericht ist %1.</translation>
  </message>
  <message>
   <source>No video LUT can be loaded: tone curves stay the panels' own, and the profiles carry them.</source>
   <translation>Keine Video-LUT lässt sich laden: Tonwertkurven bleiben die der Panels, und die Profile tragen sie.</translation>
  </message>
  <message>
   <source>No white has been read yet.</source>
   <translation>Noch ist kein Weiß gemessen.</translation>
  </message>
  <message>
   <source>Nobody has read yet what %1 can do. Read it, or leave it out.</source>
   <translation>Niemand hat bisher gemessen, was %1 kann. Messen Sie ihn, oder lassen Sie ihn weg.</translation>
  </message>
  <message>
   <source>None chosen yet: menu Meter</source>
   <translation>Noch keines gewählt: Menü Messgerät</translation>
  </message>
  <message>
   <source>None is chosen. Choose one in the Meter menu.</source>
   <translation>Keines ist gewählt. Wählen Sie eines im Menü Messgerät.</translation>
  </message>
  <message>
   <source>None was read yet. Set a picture mode at the monitor, say how it is called there, and read it: half a minute each, one after the other.</source>
   <translation>Noch keiner gemessen. Stellen Sie am Monitor einen Bildmodus ein, sagen Sie, wie er dort heißt, und messen Sie ihn: je eine halbe Minute, einen nach dem anderen.</translation>
  </message>
  <message>
   <source>None yet</source>
   <translation>Noch keine</translation>
  </message>
  <message>
   <source>Nonsense readings</source>
   <translation>Unsinnige Messungen</translation>
  </message>
  <message>
   <source>Not checked since the last run. Hang the meter on the patch, then press Check the last run.</source>
   <translation>Seit dem letzten Lauf nicht geprüft. Hängen Sie das Messgerät auf das Feld und drücken Sie „Letzten Lauf prüfen“.</translation>
  </message>
  <message>
   <source>Not confirmed before the readings:</source>
   <translation>Vor den Messungen nicht bestätigt:</translation>
  </message>
  <message>
   <source>Not measured</source>
   <translation>Nicht gemessen</translation>
  </message>
  <message>
   <source>Not measured yet. The meter is hung on one field of the screen after the other; each is lit until the meter is seen there.</source>
   <translation>Noch nicht gemessen. Das Messgerät wird auf ein Feld des Schirms nach dem anderen gehängt; jedes leuchtet, bis das Gerät dort gesehen wird.</translation>
  </message>
  <message>
   <source>Not read yet: all this is foretold.</source>
   <translation>Noch nicht gemessen: All das ist vorhergesagt.</translation>
  </message>
  <message>
   <source>Not within %1: the aim is %2, the profile is %3.</source>
   <translation>Nicht innerhalb von %1: das Ziel %2, das Profil %3.</translation>
  </message>
  <message>
   <source>Note</source>
   <translation>Notiz</translation>
  </message>
  <message>
   <source>Noted in the report.</source>
   <translation>Im Bericht vermerkt.</translation>
  </message>
  <message>
   <source>Nothing has been measured yet.</source>
   <translation>Noch ist nichts gemessen.</translation>
  </message>
  <message>
   <source>Nothing listens on the network now. Choose the address that the device can reach this computer by, and open the page.</source>
   <translation>Nichts lauscht jetzt im Netz. Wählen Sie die Adresse, unter der das Gerät diesen Rechner erreicht, und öffnen Sie die Seite.</translation>
  </message>
  <message>
   <source>Nothing of it is calibrated yet. Choose where the next run goes, and run.</source>
   <translation>Nichts davon ist schon kalibriert. Wählen Sie, wohin der nächste Lauf geht, und beginnen Sie.</translation>
  </message>
  <message>
   <source>Nothing that is read could be kept: look whose folder it is.</source>
   <translation>Nichts Gemessenes könnte behalten werden: Sehen Sie nach, wem der Ordner gehört.</translation>
  </message>
  <message>
   <source>Nothing was typed in, so the report has none of them.</source>
   <translation>Nichts wurde eingetippt, also hat der Bericht nichts davon.</translation>
  </message>
  <message>
   <source>Now</source>
   <translation>Jetzt</translation>
  </message>
  <message>
   <source>Now hang the meter on the light field.</source>
   <translation>Hängen Sie das Messgerät nun auf das helle Feld.</translation>
  </message>
  <message>
   <source>Number of colours</source>
   <translation>Zahl der Farben</translation>
  </message>
  <message>
   <source>Number of patches</source>
   <translation>Zahl der Felder</translation>
  </message>
  <message>
   <source>Numbers cannot be typed in while the screen is dark. Take the light that is kept and the screen's reflectance instead.</source>
   <translation>Zahlen lassen sich nicht eintippen, während der Schirm dunkel ist. Nehmen Sie stattdessen das behaltene Licht und den Reflexionsgrad des Schirms.</translation>
  </message>
  <message>
   <source>Numbers typed in by hand</source>
   <translation>Zahlen von Hand eingegeben</translation>
  </message>
  <message>
   <source>OLED</source>
   <translation>OLED</translation>
  </message>
  <message>
   <source>OPTIONS</source>
   <translation>OPTIONEN</translation>
  </message>
  <message>
   <source>Of "%1", %2.</source>
   <translation>Von „%1“, %2.</translation>
  </message>
  <message>
   <source>Of a picture</source>
   <translation>Aus einem Bild</translation>
  </message>
  <message>
   <source>Of all colours, as read: mean ΔE00 %1, median %2, 90 % are below %3, 95 % are below %4, worst %5, standard deviation %6.</source>
   <translation>Alle Farben, wie gemessen: ΔE00 im Mittel %1, Median %2, 90 % liegen unter %3, 95 % unter %4, größte %5, Standardabweichung %6.</translation>
  </message>
  <message>
   <source>Of its contrast of %1:1 the eye gets %2:1.</source>
   <translation>Von seinem Kontrast von %1:1 erreichen das Auge %2:1.</translation>
  </message>
  <message>
   <source>Of the last run on this display.</source>
   <translation>Vom letzten Lauf auf diesem Bildschirm.</translation>
  </message>
  <message>
   <source>Of the room or a viewing booth: diffuser on the meter, facing the light, where the print lies. Read it a few times.</source>
   <translation>Vom Raum oder einer Abmusterungskabine: Streuscheibe auf das Messgerät, dem Licht zugewandt, wo der Druck liegt. Messen Sie einige Male.</translation>
  </message>
  <message>
   <source>On a real device give driver:PROGRAM, command:PROGRAM or hand; or a simulated panel with --panel.</source>
   <translation>Auf einem wirklichen Gerät geben Sie driver:PROGRAM, command:PROGRAM oder hand an; oder ein simuliertes Panel mit --panel.</translation>
  </message>
  <message>
   <source>On a real display give driver:PROGRAM, command:PROGRAM or hand.</source>
   <translation>Auf einem wirklichen Bildschirm geben Sie driver:PROGRAM, command:PROGRAM oder hand an.</translation>
  </message>
  <message>
   <source>On battery a laptop dims its panel.</source>
   <translation>Mit Akku dunkelt ein Laptop sein Panel ab.</translation>
  </message>
  <message>
   <source>On for %1 minutes.</source>
   <translation>Seit %1 Minuten an.</translation>
  </message>
  <message>
   <source>On mains power</source>
   <translation>Am Stromnetz</translation>
  </message>
  <message>
   <source>On the &amp;patch, wherever it is</source>
   <translation>Auf das &amp;Feld, wo es auch ist</translation>
  </message>
  <message>
   <source>On the device, open this address in a browser and type the code. It then stands on the Desk beside the other displays.</source>
   <translation>Öffnen Sie auf dem Gerät diese Adresse in einem Browser, und tippen Sie den Code. Es steht dann neben den anderen Bildschirmen auf dem Tisch.</translation>
  </message>
  <message>
   <source>On the displays</source>
   <translation>Auf den Bildschirmen</translation>
  </message>
  <message>
   <source>On the monitor</source>
   <translation>Am Monitor</translation>
  </message>
  <message>
   <source>On white %1 is off by x %2, y %3 and %4 % in luminance.</source>
   <translation>Auf Weiß liegt %1 um x %2, y %3 und %4 % der Leuchtdichte daneben.</translation>
  </message>
  <message>
   <source>Once a run of this display is complete, its white, greys and colours can be checked against it here in a minute.</source>
   <translation>Ist ein Lauf dieses Bildschirms fertig, lassen sich Weiß, Grautöne und Farben hier in einer Minute dagegen prüfen.</translation>
  </message>
  <message>
   <source>One colour lies beyond the display's gamut (ΔE00 %1) and is not in the figures.</source>
   <translation>Eine Farbe liegt außerhalb des Farbumfangs (ΔE00 %1) und ist nicht in den Zahlen.</translation>
  </message>
  <message>
   <source>One device is connected.</source>
   <translation>Ein Gerät ist verbunden.</translation>
  </message>
  <message>
   <source>One exponent for each channel: the smallest, for programs that read nothing else.</source>
   <translation>Ein Exponent je Kanal: das kleinste, für Programme, die nichts anderes lesen.</translation>
  </message>
  <message>
   <source>One minute with the meter on the calibrated display, against the last run. Most weeks the answer is that it holds.</source>
   <translation>Eine Minute mit dem Messgerät auf dem kalibrierten Bildschirm, gegen den letzten Lauf. Meist ist die Antwort, dass er noch gilt.</translation>
  </message>
  <message>
   <source>One minute with the meter: does the last run still hold?</source>
   <translation>Eine Minute mit dem Messgerät: Gilt der letzte Lauf noch?</translation>
  </message>
  <message>
   <source>One minute with the meter: does the last run still hold? (F6)</source>
   <translation>Eine Minute mit dem Messgerät: Gilt der letzte Lauf noch? (F6)</translation>
  </message>
  <message>
   <source>One minute with the meter; changes nothing.</source>
   <translation>Eine Minute mit dem Messgerät; ändert nichts.</translation>
  </message>
  <message>
   <source>One of the two is wrong: take it out, or measure the patch again.</source>
   <translation>Eines von beiden ist falsch: Nehmen Sie es heraus, oder messen Sie das Feld noch einmal.</translation>
  </message>
  <message>
   <source>Only simulated displays can be measured here (--display).</source>
   <translation>Hier lassen sich nur simulierte Bildschirme messen (--display).</translation>
  </message>
  <message>
   <source>Open</source>
   <translation>Offen</translation>
  </message>
  <message>
   <source>Open Bold Lantern</source>
   <translation>Bold Lantern öffnen</translation>
  </message>
  <message>
   <source>Open Sans</source>
   <translation>Open Sans</translation>
  </message>
  <message>
   <source>Open a file</source>
   <translation>Datei öffnen</translation>
  </message>
  <message>
   <source>Open a folder of pictures</source>
   <translation>Ordner mit Bildern öffnen</translation>
  </message>
  <message>
   <source>Open a list of colours</source>
   <translation>Farbliste öffnen</translation>
  </message>
  <message>
   <source>Open a logo</source>
   <translation>Logo öffnen</translation>
  </message>
  <message>
   <source>Open a picture</source>
   <translation>Bild öffnen</translation>
  </message>
  <message>
   <source>Open a picture…</source>
   <translation>Bild öffnen…</translation>
  </message>
  <message>
   <source>Open a printing condition</source>
   <translation>Druckbedingung öffnen</translation>
  </message>
  <message>
   <source>Open a profile</source>
   <translation>Profil öffnen</translation>
  </message>
  <message>
   <source>Open an aim</source>
   <translation>Ziel öffnen</translation>
  </message>
  <message>
   <source>Open an aim…</source>
   <translation>Ziel öffnen…</translation>
  </message>
  <message>
   <source>Open limits</source>
   <translation>Grenzen öffnen</translation>
  </message>
  <message>
   <source>Open on the device: %1  code %2</source>
   <translation>Auf dem Gerät öffnen: %1  Code %2</translation>
  </message>
  <message>
   <source>Open the report</source>
   <translation>Bericht öffnen</translation>
  </message>
  <message>
   <source>Open: %1, %2. Every view shows that run.</source>
   <translation>Offen: %1, %2. Jede Seite zeigt diesen Lauf.</translation>
  </message>
  <message>
   <source>Opened &amp;lately</source>
   <translation>&amp;Zuletzt geöffnet</translation>
  </message>
  <message>
   <source>Options</source>
   <translation>Optionen</translation>
  </message>
  <message>
   <source>Options: --display --meter --technology --seed --fault --misbehave.</source>
   <translation>Optionen: --display --meter --technology --seed --fault --misbehave.</translation>
  </message>
  <message>
   <source>Order of the colours</source>
   <translation>Reihenfolge der Farben</translation>
  </message>
  <message>
   <source>Other devices</source>
   <translation>Andere Geräte</translation>
  </message>
  <message>
   <source>Other programs hear of profiles from the X server.</source>
   <translation>Andere Programme hören vom X-Server von Profilen.</translation>
  </message>
  <message>
   <source>Outer field the print, its paper's white included; inner spot what the display shows of it.</source>
   <translation>Äußeres Feld der Druck, mit dem Weiß seines Papiers; innerer Fleck, was der Bildschirm davon zeigt.</translation>
  </message>
  <message>
   <source>Outer field the print, seen from its paper's white; inner spot what the display shows of it.</source>
   <translation>Äußeres Feld der Druck, vom Weiß seines Papiers aus gesehen; innerer Fleck, was der Bildschirm davon zeigt.</translation>
  </message>
  <message>
   <source>Outside the first, inside the second</source>
   <translation>Außen der erste, innen der zweite</translation>
  </message>
  <message>
   <source>Over</source>
   <translation>Darüber</translation>
  </message>
  <message>
   <source>Over the &amp;whole display</source>
   <translation>&amp;Über den ganzen Bildschirm</translation>
  </message>
  <message>
   <source>Over the limits "%1" in %2.</source>
   <translation>Über den Grenzen „%1“ in %2.</translation>
  </message>
  <message>
   <source>Over time</source>
   <translation>Über die Zeit</translation>
  </message>
  <message>
   <source>Own evening out: not known</source>
   <translation>Eigener Ausgleich: nicht bekannt</translation>
  </message>
  <message>
   <source>Own evening out: off</source>
   <translation>Eigener Ausgleich: aus</translation>
  </message>
  <message>
   <source>Own evening out: on</source>
   <translation>Eigener Ausgleich: an</translation>
  </message>
  <message>
   <source>PNG, JPEG or SVG file</source>
   <translation>PNG-, JPEG- oder SVG-Datei</translation>
  </message>
  <message>
   <source>PNG, TIFF and JPEG are understood.</source>
   <translation>PNG, TIFF und JPEG werden verstanden.</translation>
  </message>
  <message>
   <source>PNG, TIFF or JPEG whose key colours to take</source>
   <translation>PNG, TIFF oder JPEG, dessen wichtigste Farben genommen werden</translation>
  </message>
  <message>
   <source>POSITIVE</source>
   <translation>POSITIV</translation>
  </message>
  <message>
   <source>Page Up and Page Down go through them.</source>
   <translation>Bild auf und Bild ab blättern.</translation>
  </message>
  <message>
   <source>Pair</source>
   <translation>Koppeln</translation>
  </message>
  <message>
   <source>Panel &amp;technology</source>
   <translation>A&amp;rt des Panels</translation>
  </message>
  <message>
   <source>Panel technology</source>
   <translation>Art des Panels</translation>
  </message>
  <message>
   <source>Panels are often dimmed on battery: plug it in while measuring.</source>
   <translation>Mit Akku sind Panels oft abgedunkelt: Stecken Sie ihn beim Messen ein.</translation>
  </message>
  <message>
   <source>Paper</source>
   <translation>Papier</translation>
  </message>
  <message>
   <source>Part</source>
   <translation>Teil</translation>
  </message>
  <message>
   <source>Parts of the logbook cannot be read; the rest is whole. %1</source>
   <translation>Teile des Logbuchs sind nicht zu lesen; der Rest ist heil. %1</translation>
  </message>
  <message>
   <source>Password:</source>
   <translation>Passwort:</translation>
  </message>
  <message>
   <source>Past its date nobody vouches for the meter's uncertainty.</source>
   <translation>Nach seinem Datum bürgt niemand für die Unsicherheit des Geräts.</translation>
  </message>
  <message>
   <source>Patch</source>
   <translation>Feld</translation>
  </message>
  <message>
   <source>Paused; nothing is lost.</source>
   <translation>Unterbrochen; nichts ist verloren.</translation>
  </message>
  <message>
   <source>Perceptual, with black point</source>
   <translation>Wahrnehmung, mit Schwarzpunkt</translation>
  </message>
  <message>
   <source>Person</source>
   <translation>Person</translation>
  </message>
  <message>
   <source>Pict&amp;ures on this paper</source>
   <translation>Bilder au&amp;f diesem Papier</translation>
  </message>
  <message>
   <source>Picture</source>
   <translation>Bild</translation>
  </message>
  <message>
   <source>Picture mode</source>
   <translation>Bildmodus</translation>
  </message>
  <message>
   <source>Picture modes</source>
   <translation>Bildmodi</translation>
  </message>
  <message>
   <source>Picture modes and dynamic contrast hide or move the controls.</source>
   <translation>Bildmodi und dynamischer Kontrast verbergen oder verstellen die Regler.</translation>
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.svg)</source>
   <translation>Bilder (*.png *.jpg *.jpeg *.svg)</translation>
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff)</source>
   <translation>Bilder (*.png *.jpg *.jpeg *.tif *.tiff)</translation>
  </message>
  <message>
   <source>Pictures as this run's display showed them then, and as now.</source>
   <translation>Bilder, wie der Bildschirm dieses Laufs sie damals zeigte, und wie jetzt.</translation>
  </message>
  <message>
   <source>Places that are filled in: {display}, {serial}, {date}, {aim}, {white}, {luminance}, {tone}, {technology}, {meter}.</source>
   <translation>Stellen, die gefüllt werden: {display}, {serial}, {date}, {aim}, {white}, {luminance}, {tone}, {technology}, {meter}.</translation>
  </message>
  <message>
   <source>Plate: leaves, skin, cloth</source>
   <translation>Tafel: Blätter, Haut, Stoff</translation>
  </message>
  <message>
   <source>Plug it in; or give a driver program, a command that prints X Y Z, or numbers by hand with --meter.</source>
   <translation>Stecken Sie es ein; oder geben Sie mit --meter ein Treiberprogramm, einen Befehl, der X Y Z ausgibt, oder Zahlen von Hand an.</translation>
  </message>
  <message>
   <source>Points a side of the tables</source>
   <translation>Punkte je Seite der Tabellen</translation>
  </message>
  <message>
   <source>Port</source>
   <translation>Port</translation>
  </message>
  <message>
   <source>Pr&amp;imaries</source>
   <translation>Prim&amp;ärfarben</translation>
  </message>
  <message>
   <source>Pr&amp;ofile name</source>
   <translation>Name des Pro&amp;fils</translation>
  </message>
  <message>
   <source>Preparing the demo</source>
   <translation>Demo wird vorbereitet</translation>
  </message>
  <message>
   <source>Presets; the numbers below are common practice for the job.</source>
   <translation>Vorgaben; die Zahlen darunter sind übliche Praxis für die Aufgabe.</translation>
  </message>
  <message>
   <source>Primaries</source>
   <translation>Primärfarben</translation>
  </message>
  <message>
   <source>Primaries and secondaries</source>
   <translation>Primär- und Sekundärfarben</translation>
  </message>
  <message>
   <source>Primaries, secondaries</source>
   <translation>Primär-, Sekundärfarben</translation>
  </message>
  <message>
   <source>Primary %1, %2</source>
   <translation>Primärfarbe %1, %2</translation>
  </message>
  <message>
   <source>Print the &amp;whole report…</source>
   <translation>Den &amp;ganzen Bericht drucken…</translation>
  </message>
  <message>
   <source>Print the report</source>
   <translation>Bericht drucken</translation>
  </message>
  <message>
   <source>Print this help message and exit</source>
   <translation>Zeigt diese Hilfe und endet</translation>
  </message>
  <message>
   <source>Printed L* a* b*</source>
   <translation>Gedruckt L* a* b*</translation>
  </message>
  <message>
   <source>Printing conditions (*.icc *.icm *.txt *.ti3 *.cgats);;All files (*)</source>
   <translation>Druckbedingungen (*.icc *.icm *.txt *.ti3 *.cgats);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Problem: %1</source>
   <translation>Problem: %1</translation>
  </message>
  <message>
   <source>Profile</source>
   <translation>Profil</translation>
  </message>
  <message>
   <source>Profile (ICC)</source>
   <translation>Profil (ICC)</translation>
  </message>
  <message>
   <source>Profile and report can be fetched at %1 for %2 s; Ctrl+C ends that.</source>
   <translation>Profil und Bericht können %2 s lang bei %1 geholt werden; Strg+C beendet das.</translation>
  </message>
  <message>
   <source>Profile for the light chosen above, thrown back by the screen</source>
   <translation>Profil für das oben gewählte Licht, vom Schirm zurückgeworfen</translation>
  </message>
  <message>
   <source>Profile for what this screen was measured to throw back</source>
   <translation>Profil für das, was dieser Schirm gemessen zurückwirft</translation>
  </message>
  <message>
   <source>Profile in use</source>
   <translation>Profil in Gebrauch</translation>
  </message>
  <message>
   <source>Profile of the readings in %1</source>
   <translation>Profil der Messungen in %1</translation>
  </message>
  <message>
   <source>Profile of the screen alone</source>
   <translation>Profil nur des Schirms</translation>
  </message>
  <message>
   <source>Profile, expected error</source>
   <translation>Profil, erwarteter Fehler</translation>
  </message>
  <message>
   <source>Profile, readings and report are in %1.</source>
   <translation>Profil, Messungen und Bericht sind in %1.</translation>
  </message>
  <message>
   <source>Profile, residual</source>
   <translation>Profil, Rest</translation>
  </message>
  <message>
   <source>Profile: %1.</source>
   <translation>Profil: %1.</translation>
  </message>
  <message>
   <source>Profiles and proofs</source>
   <translation>Profile und Nachweise</translation>
  </message>
  <message>
   <source>Profiles and video LUTs are kept in force.</source>
   <translation>Profile und Video-LUTs werden in Kraft gehalten.</translation>
  </message>
  <message>
   <source>Profiles of this display</source>
   <translation>Profile dieses Bildschirms</translation>
  </message>
  <message>
   <source>Programs that ask it for the display's profile get none. Install the package colord.</source>
   <translation>Programme, die ihn nach dem Profil fragen, bekommen keines. Installieren Sie das Paket colord.</translation>
  </message>
  <message>
   <source>Proof</source>
   <translation>Nachweis</translation>
  </message>
  <message>
   <source>Prove both with the same set of colours.</source>
   <translation>Weisen Sie beide mit denselben Farben nach.</translation>
  </message>
  <message>
   <source>Prove no&amp;w</source>
   <translation>&amp;Jetzt nachweisen</translation>
  </message>
  <message>
   <source>Prove what is in &amp;use</source>
   <translation>Nachweisen, was in &amp;Gebrauch ist</translation>
  </message>
  <message>
   <source>Put it back</source>
   <translation>Wiederherstellen</translation>
  </message>
  <message>
   <source>Put profiles and video LUTs in force again</source>
   <translation>Profile und Video-LUTs wieder in Kraft setzen</translation>
  </message>
  <message>
   <source>R</source>
   <translation>R</translation>
  </message>
  <message>
   <source>R G B (0..255) a line in, X Y Z (cd/m²) out: what a simulated display emits at its centre</source>
   <translation>R G B (0..255) je Zeile hinein, X Y Z (cd/m²) heraus: was ein simulierter Bildschirm in der Mitte abstrahlt</translation>
  </message>
  <message>
   <source>REQUIRED</source>
   <translation>NÖTIG</translation>
  </message>
  <message>
   <source>RGB %1 %2 %3: ΔE00 %4</source>
   <translation>RGB %1 %2 %3: ΔE00 %4</translation>
  </message>
  <message>
   <source>RGB sent</source>
   <translation>RGB gesendet</translation>
  </message>
  <message>
   <source>Raise the black level if there is one, or choose a plain mode, then start again.</source>
   <translation>Heben Sie den Schwarzwert an, wenn es einen gibt, oder wählen Sie einen schlichten Modus; dann neu beginnen.</translation>
  </message>
  <message>
   <source>Random colours, </source>
   <translation>Zufällige Farben, </translation>
  </message>
  <message>
   <source>Read</source>
   <translation>Gemessen</translation>
  </message>
  <message>
   <source>Read %1: it can proof this paper (%2).</source>
   <translation>Gemessen %1: Er kann dieses Papier proofen (%2).</translation>
  </message>
  <message>
   <source>Read %1: it cannot proof this paper (%2).</source>
   <translation>Gemessen %1: Er kann dieses Papier nicht proofen (%2).</translation>
  </message>
  <message>
   <source>Read %1: this meter cannot tell (%2).</source>
   <translation>Gemessen %1: Dieses Messgerät kann es nicht sagen (%2).</translation>
  </message>
  <message>
   <source>Read and kept</source>
   <translation>Gemessen und behalten</translation>
  </message>
  <message>
   <source>Read at least black from where the eye is.</source>
   <translation>Messen Sie wenigstens Schwarz von dort, wo das Auge ist.</translation>
  </message>
  <message>
   <source>Read each &amp;turn</source>
   <translation>&amp;Jede Drehung messen</translation>
  </message>
  <message>
   <source>Read from a distance: %1 cd/m². Now lay the meter on the screen.</source>
   <translation>Aus der Entfernung gemessen: %1 cd/m². Legen Sie nun das Messgerät auf den Schirm.</translation>
  </message>
  <message>
   <source>Read from a hand's length</source>
   <translation>Aus einer Handlänge messen</translation>
  </message>
  <message>
   <source>Read it again</source>
   <translation>Noch einmal messen</translation>
  </message>
  <message>
   <source>Read it on the displa&amp;y</source>
   <translation>Auf dem Bilds&amp;chirm messen</translation>
  </message>
  <message>
   <source>Read on both: %1 and %2 differ most, by ΔE00 %3 ± %4 in the mean; their whites by Δu'v' %5.</source>
   <translation>Auf beiden gemessen: %1 und %2 unterscheiden sich am meisten, um ΔE00 %3 ± %4 im Mittel; ihr Weiß um Δu'v' %5.</translation>
  </message>
  <message>
   <source>Read on the screen</source>
   <translation>Auf dem Schirm messen</translation>
  </message>
  <message>
   <source>Read on the screen: %1 cd/m². Now hold the meter a hand's length off, where your eye looks from.</source>
   <translation>Auf dem Schirm gemessen: %1 cd/m². Halten Sie nun das Messgerät eine Handlänge entfernt, von wo Ihr Auge schaut.</translation>
  </message>
  <message>
   <source>Read the display as it is</source>
   <translation>Bildschirm messen, wie er ist</translation>
  </message>
  <message>
   <source>Read the light</source>
   <translation>Licht messen</translation>
  </message>
  <message>
   <source>Read the light first.</source>
   <translation>Messen Sie zuerst das Licht.</translation>
  </message>
  <message>
   <source>Read the reference &amp;unit</source>
   <translation>Referenze&amp;xemplar messen</translation>
  </message>
  <message>
   <source>Read the reference unit</source>
   <translation>Referenzexemplar messen</translation>
  </message>
  <message>
   <source>Read this m&amp;ode</source>
   <translation>M&amp;odus messen</translation>
  </message>
  <message>
   <source>Read wh&amp;ite</source>
   <translation>We&amp;iß messen</translation>
  </message>
  <message>
   <source>Read what it &amp;can do</source>
   <translation>Messen, was er &amp;kann</translation>
  </message>
  <message>
   <source>Read: %1; %2.</source>
   <translation>Gemessen: %1; %2.</translation>
  </message>
  <message>
   <source>Reading</source>
   <translation>Messung</translation>
  </message>
  <message>
   <source>Reading again and again while you turn.</source>
   <translation>Misst immer wieder, während Sie drehen.</translation>
  </message>
  <message>
   <source>Reading four colours</source>
   <translation>Misst vier Farben</translation>
  </message>
  <message>
   <source>Reading the display</source>
   <translation>Misst den Bildschirm</translation>
  </message>
  <message>
   <source>Reading the picture mode</source>
   <translation>Misst den Bildmodus</translation>
  </message>
  <message>
   <source>Reading white</source>
   <translation>Weiß wird gemessen</translation>
  </message>
  <message>
   <source>Readings done</source>
   <translation>Gemachte Messungen</translation>
  </message>
  <message>
   <source>Readings of a real display are kept: give a folder for them.</source>
   <translation>Messungen eines wirklichen Bildschirms werden behalten: Geben Sie einen Ordner dafür an.</translation>
  </message>
  <message>
   <source>Readings of lost runs are in %1.</source>
   <translation>Messungen verlorener Läufe sind in %1.</translation>
  </message>
  <message>
   <source>Readings of lost runs: %1, in %2</source>
   <translation>Messungen verlorener Läufe: %1, in %2</translation>
  </message>
  <message>
   <source>Readings of the chart</source>
   <translation>Messungen der Farbtafel</translation>
  </message>
  <message>
   <source>Readings of the display as it was found</source>
   <translation>Messungen des vorgefundenen Bildschirms</translation>
  </message>
  <message>
   <source>Readings so far</source>
   <translation>Messungen bisher</translation>
  </message>
  <message>
   <source>Reads white every 15 seconds, five minutes at least, until it changes by less than 0.5 % in ten.</source>
   <translation>Misst Weiß alle 15 Sekunden, mindestens fünf Minuten, bis es sich um weniger als 0,5 % in zehn ändert.</translation>
  </message>
  <message>
   <source>Ready</source>
   <translation>Bereit</translation>
  </message>
  <message>
   <source>Ready. Patches appear here.</source>
   <translation>Bereit. Hier erscheinen Felder.</translation>
  </message>
  <message>
   <source>Ready: choose the aim</source>
   <translation>Bereit: Ziel wählen</translation>
  </message>
  <message>
   <source>Real time</source>
   <translation>Echtzeit</translation>
  </message>
  <message>
   <source>Rec. 2020</source>
   <translation>Rec. 2020</translation>
  </message>
  <message>
   <source>Red agains&amp;t green</source>
   <translation>&amp;Rot gegen Grün</translation>
  </message>
  <message>
   <source>Red gain</source>
   <translation>Verstärkung Rot</translation>
  </message>
  <message>
   <source>Red gain %1, green gain %2, blue gain %3.</source>
   <translation>Rotverstärkung %1, Grünverstärkung %2, Blauverstärkung %3.</translation>
  </message>
  <message>
   <source>Reed, a colorimeter</source>
   <translation>Reed, ein Kolorimeter</translation>
  </message>
  <message>
   <source>Reference unit</source>
   <translation>Referenzexemplar</translation>
  </message>
  <message>
   <source>Reflectance of the screen</source>
   <translation>Reflexionsgrad des Schirms</translation>
  </message>
  <message>
   <source>Registered with the desktop</source>
   <translation>Beim Desktop angemeldet</translation>
  </message>
  <message>
   <source>Relative to aimed white</source>
   <translation>Relativ zum verlangten Weiß</translation>
  </message>
  <message>
   <source>Relative to measured white</source>
   <translation>Relativ zum gemessenen Weiß</translation>
  </message>
  <message>
   <source>Rem&amp;ove</source>
   <translation>Entfernen</translation>
  </message>
  <message>
   <source>Remind of a check after</source>
   <translation>An eine Prüfung erinnern nach</translation>
  </message>
  <message>
   <source>Reminders</source>
   <translation>Erinnerungen</translation>
  </message>
  <message>
   <source>Remove</source>
   <translation>Entfernen</translation>
  </message>
  <message>
   <source>Rendering intent</source>
   <translation>Umrechnungsart</translation>
  </message>
  <message>
   <source>Rendition chart, 24</source>
   <translation>Wiedergabetafel, 24</translation>
  </message>
  <message>
   <source>Report</source>
   <translation>Bericht</translation>
  </message>
  <message>
   <source>Reports</source>
   <translation>Berichte</translation>
  </message>
  <message>
   <source>Reports go to</source>
   <translation>Berichte kommen nach</translation>
  </message>
  <message>
   <source>Report…</source>
   <translation>Bericht…</translation>
  </message>
  <message>
   <source>Results go to standard output; messages and progress to standard error.</source>
   <translation>Ergebnisse gehen auf die Standardausgabe, Meldungen und Fortschritt auf die Fehlerausgabe.</translation>
  </message>
  <message>
   <source>Room</source>
   <translation>Raum</translation>
  </message>
  <message>
   <source>Room, as set on the bench</source>
   <translation>Raum am Prüfstand</translation>
  </message>
  <message>
   <source>Room, illuminance</source>
   <translation>Raum, Beleuchtungsstärke</translation>
  </message>
  <message>
   <source>Roses</source>
   <translation>Rosen</translation>
  </message>
  <message>
   <source>Row %1, column %2</source>
   <translation>Zeile %1, Spalte %2</translation>
  </message>
  <message>
   <source>Run again with the same aim</source>
   <translation>Neuer Lauf mit demselben Ziel</translation>
  </message>
  <message>
   <source>Run it again</source>
   <translation>Neuer Lauf nötig</translation>
  </message>
  <message>
   <source>Run of %1, %2</source>
   <translation>Lauf vom %1, %2</translation>
  </message>
  <message>
   <source>Run with --help for more information.</source>
   <translation>Mehr sagt --help.</translation>
  </message>
  <message>
   <source>Runs already made keep theirs.</source>
   <translation>Gemachte Läufe behalten die ihren.</translation>
  </message>
  <message>
   <source>Runs and checks</source>
   <translation>Läufe und Prüfungen</translation>
  </message>
  <message>
   <source>Runs are being taken over…</source>
   <translation>Läufe werden übernommen…</translation>
  </message>
  <message>
   <source>Runs brought: %1, remarks: %2, runs fetched: %3, left: %4</source>
   <translation>Gebrachte Läufe: %1, Notizen: %2, geholte Läufe: %3, ausgelassen: %4</translation>
  </message>
  <message>
   <source>Runs in the new logbook: %1.</source>
   <translation>Läufe im neuen Logbuch: %1.</translation>
  </message>
  <message>
   <source>Runs more</source>
   <translation>Weitere Läufe</translation>
  </message>
  <message>
   <source>Runs more for a unit that is not within its limits</source>
   <translation>Weitere Läufe für ein Exemplar, das nicht in seinen Grenzen liegt</translation>
  </message>
  <message>
   <source>Runs taken over: %1, continued: %2, here already: %3, left: %4</source>
   <translation>Übernommene Läufe: %1, fortgesetzt: %2, schon hier: %3, ausgelassen: %4</translation>
  </message>
  <message>
   <source>Runs taken over: %1; here already: %2.</source>
   <translation>Übernommene Läufe: %1; schon hier: %2.</translation>
  </message>
  <message>
   <source>Runs that are done stay as they are.</source>
   <translation>Fertige Läufe bleiben, wie sie sind.</translation>
  </message>
  <message>
   <source>S&amp;tudio on reports…</source>
   <translation>S&amp;tudio auf Berichten…</translation>
  </message>
  <message>
   <source>S&amp;wap</source>
   <translation>&amp;Tauschen</translation>
  </message>
  <message>
   <source>S&amp;ync now</source>
   <translation>&amp;Jetzt abgleichen</translation>
  </message>
  <message>
   <source>SUBCOMMAND</source>
   <translation>BEFEHL</translation>
  </message>
  <message>
   <source>Saturation sweeps</source>
   <translation>Sättigungsreihen</translation>
  </message>
  <message>
   <source>Save limits</source>
   <translation>Grenzen speichern</translation>
  </message>
  <message>
   <source>Save the &amp;report…</source>
   <translation>Be&amp;richt speichern…</translation>
  </message>
  <message>
   <source>Save the diagram</source>
   <translation>Diagramm speichern</translation>
  </message>
  <message>
   <source>Save the diagram…</source>
   <translation>Diagramm speichern…</translation>
  </message>
  <message>
   <source>Save the report</source>
   <translation>Bericht speichern</translation>
  </message>
  <message>
   <source>Save this aim</source>
   <translation>Dieses Ziel speichern</translation>
  </message>
  <message>
   <source>Save this aim…</source>
   <translation>Dieses Ziel speichern…</translation>
  </message>
  <message>
   <source>Say first what the monitor calls this picture mode.</source>
   <translation>Sagen Sie zuerst, wie der Monitor diesen Bildmodus nennt.</translation>
  </message>
  <message>
   <source>Say what the display is for</source>
   <translation>Sagen, wofür der Bildschirm ist</translation>
  </message>
  <message>
   <source>Scale them so that a perfect meter's Y has its peak at 1.</source>
   <translation>Skalieren Sie sie so, dass Y eines vollkommenen Messgeräts seinen Gipfel bei 1 hat.</translation>
  </message>
  <message>
   <source>Scan or type it again.</source>
   <translation>Lesen Sie sie noch einmal ein, oder tippen Sie sie.</translation>
  </message>
  <message>
   <source>Scan the next serial number</source>
   <translation>Nächste Seriennummer einlesen</translation>
  </message>
  <message>
   <source>Scatter</source>
   <translation>Streuung</translation>
  </message>
  <message>
   <source>Screen</source>
   <translation>Schirm</translation>
  </message>
  <message>
   <source>Screen saver and dimming off</source>
   <translation>Bildschirmschoner und Abdunkeln aus</translation>
  </message>
  <message>
   <source>Screen work in %1 lx: %2. The eye goes along with the room, by about the fourth root of its light (common practice, no standard).</source>
   <translation>Bildschirmarbeit bei %1 lx: %2. Das Auge geht mit dem Raum, etwa mit der vierten Wurzel seines Lichts (übliche Praxis, keine Norm).</translation>
  </message>
  <message>
   <source>Seam</source>
   <translation>Saum</translation>
  </message>
  <message>
   <source>Search</source>
   <translation>Suchen</translation>
  </message>
  <message>
   <source>Second</source>
   <translation>Zweiter</translation>
  </message>
  <message>
   <source>Second gamut to compare with</source>
   <translation>Zweiter Farbumfang zum Vergleich</translation>
  </message>
  <message>
   <source>Section</source>
   <translation>Schnitt</translation>
  </message>
  <message>
   <source>See how good it has become</source>
   <translation>Sehen, wie gut er geworden ist</translation>
  </message>
  <message>
   <source>Sent through</source>
   <translation>Gesendet durch</translation>
  </message>
  <message>
   <source>Serial</source>
   <translation>Serie-Nr.</translation>
  </message>
  <message>
   <source>Serial number of the display: %1.</source>
   <translation>Seriennummer des Bildschirms: %1.</translation>
  </message>
  <message>
   <source>Serial number of the reference unit</source>
   <translation>Seriennummer des Referenzexemplars</translation>
  </message>
  <message>
   <source>Serial number, typed or scanned</source>
   <translation>Seriennummer, getippt oder eingelesen</translation>
  </message>
  <message>
   <source>Set the graphics card or the monitor's input to full range (0 to 255), then start again.</source>
   <translation>Stellen Sie die Grafikkarte oder den Eingang des Monitors auf vollen Bereich (0 bis 255), und beginnen Sie neu.</translation>
  </message>
  <message>
   <source>Set the graphics card or the monitor's input to full range, and keep light off the screen.</source>
   <translation>Stellen Sie die Grafikkarte oder den Eingang des Monitors auf vollen Bereich, und halten Sie Licht vom Schirm fern.</translation>
  </message>
  <message>
   <source>Set the graphics card to 8 or 10 bits and look for dithering in its settings; else smooth gradients will show bands, and each correction by the video LUT costs steps.</source>
   <translation>Stellen Sie die Grafikkarte auf 8 oder 10 Bit und suchen Sie Dithering in ihren Einstellungen; sonst zeigen Verläufe Streifen, und jede Korrektur durch die Video-LUT kostet Stufen.</translation>
  </message>
  <message>
   <source>Set the monitor bac&amp;k</source>
   <translation>M&amp;onitor zurückstellen</translation>
  </message>
  <message>
   <source>Set this device so that its screen stays on and as bright as it is, and switch off whatever changes its colours by itself.</source>
   <translation>Stellen Sie dieses Gerät so, dass sein Schirm an und gleich hell bleibt, und schalten Sie ab, was seine Farben von selbst ändert.</translation>
  </message>
  <message>
   <source>Settings</source>
   <translation>Einstellungen</translation>
  </message>
  <message>
   <source>Settling</source>
   <translation>Einschwingen</translation>
  </message>
  <message>
   <source>Several displays of this computer with one look: an aim that all can reach, their runs one after another with the same meter, and then the proof that they agree.</source>
   <translation>Mehrere Bildschirme dieses Rechners mit einem Aussehen: ein Ziel, das alle erreichen, ihre Läufe nacheinander mit demselben Messgerät, und dann der Nachweis, dass sie übereinstimmen.</translation>
  </message>
  <message>
   <source>Share of colours below</source>
   <translation>Anteil der Farben darunter</translation>
  </message>
  <message>
   <source>Shared book: being kept in step…</source>
   <translation>Gemeinsames Buch: wird abgeglichen…</translation>
  </message>
  <message>
   <source>Shared book: in step at %1; brought %2, fetched %3.</source>
   <translation>Gemeinsames Buch: abgeglichen um %1; %2 gebracht, %3 geholt.</translation>
  </message>
  <message>
   <source>Shared book: not asked yet.</source>
   <translation>Gemeinsames Buch: noch nicht gefragt.</translation>
  </message>
  <message>
   <source>Shared book: not reached; what is new waits here. %1</source>
   <translation>Gemeinsames Buch: nicht erreicht; Neues wartet hier. %1</translation>
  </message>
  <message>
   <source>Shared by all</source>
   <translation>Von allen geteilt</translation>
  </message>
  <message>
   <source>Sheet</source>
   <translation>Blatt</translation>
  </message>
  <message>
   <source>Sheet to compare with a print or another display</source>
   <translation>Blatt zum Vergleich mit einem Druck oder einem anderen Bildschirm</translation>
  </message>
  <message>
   <source>Show me &amp;which</source>
   <translation>&amp;Welcher ist es?</translation>
  </message>
  <message>
   <source>Shown L* a* b*</source>
   <translation>Gezeigt L* a* b*</translation>
  </message>
  <message>
   <source>Shown as it is. When a profile has been built, the left part shows how it looked on the display as it was found.</source>
   <translation>Gezeigt, wie es ist. Gibt es ein Profil, zeigt der linke Teil, wie es auf dem vorgefundenen Bildschirm aussah.</translation>
  </message>
  <message>
   <source>Shows %1 of its colours on the display and reads them.</source>
   <translation>Zeigt %1 seiner Farben auf dem Bildschirm und misst sie.</translation>
  </message>
  <message>
   <source>Shows these colours through what is in force on the display, whoever made it, and reads them.</source>
   <translation>Zeigt diese Farben durch das, was auf dem Bildschirm in Kraft ist, wer immer es gemacht hat, und misst sie.</translation>
  </message>
  <message>
   <source>Side by side</source>
   <translation>Nebeneinander</translation>
  </message>
  <message>
   <source>Side by side the eye is used to the brighter white, so that white and luminance count; alone it gets used to each.</source>
   <translation>Nebeneinander gewöhnt sich das Auge an das hellere Weiß, so dass Weiß und Leuchtdichte zählen; einzeln gewöhnt es sich an jedes.</translation>
  </message>
  <message>
   <source>Side of the pa&amp;tch</source>
   <translation>Seite des &amp;Feldes</translation>
  </message>
  <message>
   <source>Side of the patch</source>
   <translation>Seite des Feldes</translation>
  </message>
  <message>
   <source>Simulated displays and meters instead of real ones.</source>
   <translation>Simulierte Bildschirme und Messgeräte statt wirklicher.</translation>
  </message>
  <message>
   <source>Skin</source>
   <translation>Haut</translation>
  </message>
  <message>
   <source>Skin from light to dark</source>
   <translation>Haut von hell bis dunkel</translation>
  </message>
  <message>
   <source>Skin, 24</source>
   <translation>Haut, 24</translation>
  </message>
  <message>
   <source>Slot %1</source>
   <translation>Platz %1</translation>
  </message>
  <message>
   <source>Slots</source>
   <translation>Plätze</translation>
  </message>
  <message>
   <source>Soft proof</source>
   <translation>Softproof</translation>
  </message>
  <message>
   <source>Solid</source>
   <translation>Körper</translation>
  </message>
  <message>
   <source>Some 50 MB a year are usual; make room.</source>
   <translation>Etwa 50 MB im Jahr sind üblich; schaffen Sie Platz.</translation>
  </message>
  <message>
   <source>Some fields were not read: the figures are of those that were.</source>
   <translation>Einige Felder wurden nicht gemessen: Die Zahlen gelten den gemessenen.</translation>
  </message>
  <message>
   <source>Some monitors even their screen out by themselves, which costs light. Set it there, say here how it stands, and measure both.</source>
   <translation>Manche Monitore gleichen ihren Schirm selbst aus, was Licht kostet. Stellen Sie es dort ein, sagen Sie hier, wie es steht, und messen Sie beides.</translation>
  </message>
  <message>
   <source>Some monitors keep calibrations themselves, several of them, and change from one to the other at once. Each goes with a profile of its own; both are changed together.</source>
   <translation>Manche Monitore behalten Kalibrierungen selbst, mehrere davon, und wechseln sofort von einer zur anderen. Zu jeder gehört ein eigenes Profil; beide werden zusammen gewechselt.</translation>
  </message>
  <message>
   <source>Something covers the patch or changes its colour on the way to the screen. Bring the patch to the front, switch off night light, then go on.</source>
   <translation>Etwas verdeckt das Feld oder ändert unterwegs seine Farbe. Holen Sie das Feld nach vorn, schalten Sie Nachtlicht aus, dann weiter.</translation>
  </message>
  <message>
   <source>Spectra (*.csv *.txt *.cgats)</source>
   <translation>Spektren (*.csv *.txt *.cgats)</translation>
  </message>
  <message>
   <source>Standard</source>
   <translation>Standard</translation>
  </message>
  <message>
   <source>Star&amp;t the batch</source>
   <translation>Serie be&amp;ginnen</translation>
  </message>
  <message>
   <source>Start a desktop session. Simulated displays need none: --demo for the window, --display on the command line.</source>
   <translation>Starten Sie eine Desktop-Sitzung. Simulierte Bildschirme brauchen keine: --demo für das Fenster, --display auf der Befehlszeile.</translation>
  </message>
  <message>
   <source>Start a ne&amp;w run</source>
   <translation>Neuen Lau&amp;f beginnen</translation>
  </message>
  <message>
   <source>Start a new one.</source>
   <translation>Beginnen Sie einen neuen.</translation>
  </message>
  <message>
   <source>Start a new run instead.</source>
   <translation>Beginnen Sie stattdessen einen neuen Lauf.</translation>
  </message>
  <message>
   <source>Start a new run: it leaves the tone curve to the profile. Or connect the display to another output.</source>
   <translation>Beginnen Sie einen neuen Lauf: Er überlässt die Tonwertkurve dem Profil. Oder schließen Sie den Bildschirm an einen anderen Ausgang an.</translation>
  </message>
  <message>
   <source>Start over</source>
   <translation>Von vorn</translation>
  </message>
  <message>
   <source>State</source>
   <translation>Zustand</translation>
  </message>
  <message>
   <source>Stems lead from the aimed to the measured colour, drawn %1 times as long as they are. Lightness is not in them.</source>
   <translation>Stiele führen von der verlangten zur gemessenen Farbe, %1-mal so lang gezeichnet, wie sie sind. Helligkeit ist nicht darin.</translation>
  </message>
  <message>
   <source>Stems lead from the aimed to the measured colour. Lightness is not in them.</source>
   <translation>Stiele führen von der verlangten zur gemessenen Farbe. Helligkeit ist nicht darin.</translation>
  </message>
  <message>
   <source>Step %1</source>
   <translation>Schritt %1</translation>
  </message>
  <message>
   <source>Step %1, done</source>
   <translation>Schritt %1, getan</translation>
  </message>
  <message>
   <source>Step back or narrow your eyes until the lines melt together, then move the slider until the solid field in the middle vanishes in them.</source>
   <translation>Treten Sie zurück oder kneifen Sie die Augen zusammen, bis die Linien verschmelzen, und schieben Sie dann den Regler, bis das volle Feld in der Mitte darin verschwindet.</translation>
  </message>
  <message>
   <source>Steps</source>
   <translation>Schritte</translation>
  </message>
  <message>
   <source>Still %1</source>
   <translation>Noch %1</translation>
  </message>
  <message>
   <source>Still too little blue</source>
   <translation>Noch zu wenig Blau</translation>
  </message>
  <message>
   <source>Still too little green</source>
   <translation>Noch zu wenig Grün</translation>
  </message>
  <message>
   <source>Still too little red</source>
   <translation>Noch zu wenig Rot</translation>
  </message>
  <message>
   <source>Still too much blue</source>
   <translation>Noch zu viel Blau</translation>
  </message>
  <message>
   <source>Still too much green</source>
   <translation>Noch zu viel Grün</translation>
  </message>
  <message>
   <source>Still too much red</source>
   <translation>Noch zu viel Rot</translation>
  </message>
  <message>
   <source>Still warming, about %1 minutes more: white drifts by %2 % in ten.</source>
   <translation>Wird noch warm, etwa %1 Minuten: Weiß wandert um %2 % in zehn.</translation>
  </message>
  <message>
   <source>Stopped. Every reading is kept: the run can be taken up again.</source>
   <translation>Beendet. Jede Messung ist behalten: Der Lauf lässt sich fortsetzen.</translation>
  </message>
  <message>
   <source>Studio</source>
   <translation>Studio</translation>
  </message>
  <message>
   <source>Studio on reports</source>
   <translation>Studio auf Berichten</translation>
  </message>
  <message>
   <source>Subcommands</source>
   <translation>Befehle</translation>
  </message>
  <message>
   <source>Swap</source>
   <translation>Tauschen</translation>
  </message>
  <message>
   <source>Switch automatic brightness off.</source>
   <translation>Schalten Sie automatische Helligkeit aus.</translation>
  </message>
  <message>
   <source>Switch off colour management, high dynamic range and night light for this display in the desktop's settings, then start anew.</source>
   <translation>Schalten Sie Farbmanagement, hohen Dynamikumfang und Nachtlicht für diesen Bildschirm in den Einstellungen des Desktops aus; dann neu beginnen.</translation>
  </message>
  <message>
   <source>Switch power saving and dynamic brightness off if it can be, or aim at a luminance that the whole screen reaches; else large bright pictures are darker than what is measured.</source>
   <translation>Schalten Sie Stromsparen und dynamische Helligkeit ab, wenn es geht, oder nehmen Sie eine Leuchtdichte, die der ganze Schirm erreicht; sonst sind große helle Bilder dunkler als gemessen.</translation>
  </message>
  <message>
   <source>Switch power saving and dynamic brightness off; a lower luminance leaves room.</source>
   <translation>Schalten Sie Stromsparen und dynamische Helligkeit ab; eine niedrigere Leuchtdichte lässt Raum.</translation>
  </message>
  <message>
   <source>Switch such a mode off if it can be; else colours stay darker than they should be beside white.</source>
   <translation>Schalten Sie einen solchen Modus ab, wenn es geht; sonst bleiben Farben neben Weiß dunkler, als sie sein sollten.</translation>
  </message>
  <message>
   <source>Switch the display &amp;off and on</source>
   <translation>Bildschirm &amp;aus- und einschalten</translation>
  </message>
  <message>
   <source>Switch tints off and set the gains back, then start again.</source>
   <translation>Schalten Sie Tönungen aus und stellen Sie die Verstärkungen zurück; dann neu beginnen.</translation>
  </message>
  <message>
   <source>TEXT</source>
   <translation>TEXT</translation>
  </message>
  <message>
   <source>Ta&amp;ke it as the aim</source>
   <translation>Als Ziel &amp;übernehmen</translation>
  </message>
  <message>
   <source>Ta&amp;ke out</source>
   <translation>He&amp;rausnehmen</translation>
  </message>
  <message>
   <source>Ta&amp;ke over another logbook…</source>
   <translation>Anderes Logbuch über&amp;nehmen…</translation>
  </message>
  <message>
   <source>Table</source>
   <translation>Tabelle</translation>
  </message>
  <message>
   <source>Tables</source>
   <translation>Tabellen</translation>
  </message>
  <message>
   <source>Tables (*.csv)</source>
   <translation>Tabellen (*.csv)</translation>
  </message>
  <message>
   <source>Tables follow the display where its primaries do not add up; curves and matrix are in it too, for programs that read no tables.</source>
   <translation>Tabellen folgen dem Bildschirm, wo seine Primärfarben nicht aufgehen; Kurven und Matrix sind auch darin, für Programme, die keine Tabellen lesen.</translation>
  </message>
  <message>
   <source>Tags</source>
   <translation>Einträge</translation>
  </message>
  <message>
   <source>Take a PNG, JPEG or SVG file.</source>
   <translation>Nehmen Sie eine PNG-, JPEG- oder SVG-Datei.</translation>
  </message>
  <message>
   <source>Take it</source>
   <translation>Nehmen</translation>
  </message>
  <message>
   <source>Take one of two megabytes at most.</source>
   <translation>Nehmen Sie eines von höchstens zwei Megabyte.</translation>
  </message>
  <message>
   <source>Take over a logbook or a backup</source>
   <translation>Logbuch oder Sicherung übernehmen</translation>
  </message>
  <message>
   <source>Take the meter off the screen and lay it down with its opening on something dark and flat, or close its cover. Then go on: it measures its own dark signal, which takes a few seconds, and then wants to hang on the patch again.</source>
   <translation>Nehmen Sie das Messgerät vom Schirm und legen Sie es mit der Öffnung auf etwas Dunkles, Ebenes, oder schließen Sie seinen Deckel. Dann weiter: Es misst einige Sekunden sein eigenes Dunkelsignal und will dann wieder auf das Feld.</translation>
  </message>
  <message>
   <source>Take the runs of %1 over?</source>
   <translation>Die Läufe von %1 übernehmen?</translation>
  </message>
  <message>
   <source>Take this luminance</source>
   <translation>Diese Leuchtdichte nehmen</translation>
  </message>
  <message>
   <source>Take this white</source>
   <translation>Dieses Weiß nehmen</translation>
  </message>
  <message>
   <source>Takes it out of lists and trends; Edit, Undo brings it back.</source>
   <translation>Nimmt ihn aus Listen und Verläufen; Bearbeiten, Rückgängig bringt ihn zurück.</translation>
  </message>
  <message>
   <source>Takes the chosen mode off this list. Edit, Undo brings it back.</source>
   <translation>Nimmt den gewählten Modus aus der Liste. Bearbeiten, Rückgängig bringt ihn zurück.</translation>
  </message>
  <message>
   <source>Text and fine lines</source>
   <translation>Text und feine Linien</translation>
  </message>
  <message>
   <source>That is not the code. Type the one that is shown now.</source>
   <translation>Das ist nicht der Code. Tippen Sie den, der jetzt gezeigt wird.</translation>
  </message>
  <message>
   <source>That is so near a limit that another check might say otherwise.</source>
   <translation>Das liegt so nahe an einer Grenze, dass eine andere Prüfung anders urteilen könnte.</translation>
  </message>
  <message>
   <source>That run is being read…</source>
   <translation>Dieser Lauf wird gelesen…</translation>
  </message>
  <message>
   <source>That run is under way. Finish, stop or discard it first.</source>
   <translation>Dieser Lauf ist im Gang. Beenden oder verwerfen Sie ihn zuerst.</translation>
  </message>
  <message>
   <source>The %1 are %2 ΔE00 off in the mean, mostly %3, which is no more than this meter scatters there. The rest is within %4.</source>
   <translation>Die Farben „%1“ liegen im Mittel %2 ΔE00 daneben, meist %3, nicht mehr, als dieses Messgerät dort streut. Der Rest liegt innerhalb von %4.</translation>
  </message>
  <message>
   <source>The %1 are %2 ΔE00 off in the mean, mostly %3: the display cannot reach them. The rest is within %4.</source>
   <translation>Die Farben „%1“ liegen im Mittel %2 ΔE00 daneben, meist %3: Der Bildschirm kann sie nicht erreichen. Der Rest liegt innerhalb von %4.</translation>
  </message>
  <message>
   <source>The %1 are %2 ΔE00 off in the mean, mostly %3: the display could show them but does not do what is expected of it there. Measuring it anew would help. The rest is within %4.</source>
   <translation>Die Farben „%1“ liegen im Mittel %2 ΔE00 daneben, meist %3: Der Bildschirm könnte sie zeigen, tut dort aber nicht, was von ihm erwartet wird. Neu messen würde helfen. Der Rest liegt innerhalb von %4.</translation>
  </message>
  <message>
   <source>The %1 are %2 ΔE00 off in the mean, mostly %3: the profile itself is off there. More patches, or a larger grid, would help. The rest is within %4.</source>
   <translation>Die Farben „%1“ liegen im Mittel %2 ΔE00 daneben, meist %3: Dort liegt das Profil selbst daneben. Mehr Felder oder ein größeres Gitter würden helfen. Der Rest liegt innerhalb von %4.</translation>
  </message>
  <message>
   <source>The %1 are %2 ΔE00 off in the mean, which is no more than this meter scatters there. The rest is within %3.</source>
   <translation>Die Farben „%1“ liegen im Mittel %2 ΔE00 daneben, nicht mehr, als dieses Messgerät dort streut. Der Rest liegt innerhalb von %3.</translation>
  </message>
  <message>
   <source>The %1 are %2 ΔE00 off in the mean: the display cannot reach them. The rest is within %3.</source>
   <translation>Die Farben „%1“ liegen im Mittel %2 ΔE00 daneben: Der Bildschirm kann sie nicht erreichen. Der Rest liegt innerhalb von %3.</translation>
  </message>
  <message>
   <source>The %1 are %2 ΔE00 off in the mean: the display could show them but does not do what is expected of it there. Measuring it anew would help. The rest is within %3.</source>
   <translation>Die Farben „%1“ liegen im Mittel %2 ΔE00 daneben: Der Bildschirm könnte sie zeigen, tut dort aber nicht, was von ihm erwartet wird. Neu messen würde helfen. Der Rest liegt innerhalb von %3.</translation>
  </message>
  <message>
   <source>The %1 are %2 ΔE00 off in the mean: the profile itself is off there. More patches, or a larger grid, would help. The rest is within %3.</source>
   <translation>Die Farben „%1“ liegen im Mittel %2 ΔE00 daneben: Dort liegt das Profil selbst daneben. Mehr Felder oder ein größeres Gitter würden helfen. Der Rest liegt innerhalb von %3.</translation>
  </message>
  <message>
   <source>The %1:</source>
   <translation>%1:</translation>
  </message>
  <message>
   <source>The &amp;paper's own white</source>
   <translation>E&amp;igenes Weiß des Papiers</translation>
  </message>
  <message>
   <source>The Keeper does it: switch it on, on the page Profile.</source>
   <translation>Der Wächter tut es: Schalten Sie ihn auf der Seite Profil ein.</translation>
  </message>
  <message>
   <source>The Keeper holds them.</source>
   <translation>Der Wächter hält sie.</translation>
  </message>
  <message>
   <source>The Keeper is not started at login. --install writes</source>
   <translation>Der Wächter wird bei der Anmeldung nicht gestartet. --install schreibt</translation>
  </message>
  <message>
   <source>The Keeper is started at every login, by</source>
   <translation>Der Wächter wird bei jeder Anmeldung gestartet, durch</translation>
  </message>
  <message>
   <source>The advice is learned from your turns so far.</source>
   <translation>Der Rat ist aus Ihren bisherigen Drehungen gelernt.</translation>
  </message>
  <message>
   <source>The aim</source>
   <translation>Das Ziel</translation>
  </message>
  <message>
   <source>The aim of a run under way stays as it is. Stop the run to change it.</source>
   <translation>Das Ziel eines laufenden Laufs bleibt, wie es ist. Beenden Sie den Lauf, um es zu ändern.</translation>
  </message>
  <message>
   <source>The aim of the run under way. Stop the run to change it.</source>
   <translation>Das Ziel des laufenden Laufs. Beenden Sie den Lauf, um es zu ändern.</translation>
  </message>
  <message>
   <source>The backlights here belong to other panels.</source>
   <translation>Die Hintergrundbeleuchtungen hier gehören zu anderen Panels.</translation>
  </message>
  <message>
   <source>The bench says so.</source>
   <translation>Der Prüfstand sagt es.</translation>
  </message>
  <message>
   <source>The browser may convert colours on their way: the profile is of the display as that browser drives it. Nothing can be loaded into a device, so its tone stays its own. What is sent is not encrypted: open the page in a network that you trust, and close it afterwards.</source>
   <translation>Der Browser kann Farben unterwegs umrechnen: Das Profil gilt dem Bildschirm, wie jener Browser ihn ansteuert. In ein Gerät kann nichts geladen werden, seine Tonwerte bleiben also die eigenen. Was gesendet wird, ist nicht verschlüsselt: Öffnen Sie die Seite nur in einem Netz, dem Sie trauen, und schließen Sie sie danach.</translation>
  </message>
  <message>
   <source>The buttons on %1</source>
   <translation>Die Knöpfe an %1</translation>
  </message>
  <message>
   <source>The certificate of %1</source>
   <translation>Das Zertifikat von %1</translation>
  </message>
  <message>
   <source>The chart %1 was removed.</source>
   <translation>Die Tafel %1 wurde entfernt.</translation>
  </message>
  <message>
   <source>The chart has been read. The validation follows when the profile is installed.</source>
   <translation>Die Farbtafel ist gemessen. Der Nachweis folgt, wenn das Profil installiert ist.</translation>
  </message>
  <message>
   <source>The chart is kept as %1.</source>
   <translation>Die Tafel ist als %1 behalten.</translation>
  </message>
  <message>
   <source>The chart needs patches in which the three differ.</source>
   <translation>Die Tafel braucht Felder, in denen die drei verschieden sind.</translation>
  </message>
  <message>
   <source>The chosen display, as its controls stand now: half a minute with the meter on it.</source>
   <translation>Der gewählte Bildschirm, wie seine Regler jetzt stehen: eine halbe Minute mit dem Messgerät darauf.</translation>
  </message>
  <message>
   <source>The colour service keeps another profile for it.</source>
   <translation>Der Farbdienst hat ein anderes Profil dafür.</translation>
  </message>
  <message>
   <source>The colours the display can mix.</source>
   <translation>Die Farben, die der Bildschirm mischen kann.</translation>
  </message>
  <message>
   <source>The compositor does not show the patch: another window covers it, or its display was unplugged or switched off. Bring it to the front, then go on.</source>
   <translation>Der Compositor zeigt das Feld nicht: Ein anderes Fenster verdeckt es, oder sein Bildschirm wurde ausgesteckt oder ausgeschaltet. Holen Sie es nach vorn, dann weiter.</translation>
  </message>
  <message>
   <source>The connection is not encrypted.</source>
   <translation>Die Verbindung ist nicht verschlüsselt.</translation>
  </message>
  <message>
   <source>The connection was lost. It comes back by itself …</source>
   <translation>Die Verbindung ging verloren. Sie kommt von selbst wieder …</translation>
  </message>
  <message>
   <source>The control channels cannot be searched: %1. Load the kernel module i2c-dev and allow yourself its devices, or turn the controls by hand.</source>
   <translation>Die Steuerkanäle lassen sich nicht durchsuchen: %1. Laden Sie das Kernelmodul i2c-dev und erlauben Sie sich seine Geräte, oder drehen Sie die Regler von Hand.</translation>
  </message>
  <message>
   <source>The controls can do no more.</source>
   <translation>Die Regler können nicht mehr.</translation>
  </message>
  <message>
   <source>The controls were turned and nobody read what that did: a profile kept now does not know of it.</source>
   <translation>Die Regler wurden gestellt, und niemand hat gemessen, was das bewirkt: Ein jetzt behaltenes Profil weiß nichts davon.</translation>
  </message>
  <message>
   <source>The damaged one is kept as %1.</source>
   <translation>Das beschädigte bleibt als %1.</translation>
  </message>
  <message>
   <source>The dark screen throws back %1 cd/m².</source>
   <translation>Der dunkle Schirm wirft %1 cd/m² zurück.</translation>
  </message>
  <message>
   <source>The darkest greys are alike: the first step above black has %1 % of the light it should have.</source>
   <translation>Die dunkelsten Grautöne sind gleich: Die erste Stufe über Schwarz hat %1 % des Lichts, das sie haben sollte.</translation>
  </message>
  <message>
   <source>The demonstration installs nothing for others.</source>
   <translation>Die Vorführung installiert nichts für andere.</translation>
  </message>
  <message>
   <source>The desktop's colour service has another: %1</source>
   <translation>Der Farbdienst des Desktops hat ein anderes: %1</translation>
  </message>
  <message>
   <source>The desktop's colour service has no profile for this display.</source>
   <translation>Der Farbdienst des Desktops hat kein Profil für diesen Bildschirm.</translation>
  </message>
  <message>
   <source>The display</source>
   <translation>Der Bildschirm</translation>
  </message>
  <message>
   <source>The display as it was</source>
   <translation>Der Bildschirm, wie er war</translation>
  </message>
  <message>
   <source>The display does not say who it is, so its control channel cannot be told from others.</source>
   <translation>Der Bildschirm sagt nicht, wer er ist, so dass sein Steuerkanal nicht von anderen zu unterscheiden ist.</translation>
  </message>
  <message>
   <source>The display holds back large bright areas to save power or spare itself.</source>
   <translation>Der Bildschirm hält große helle Flächen zurück, um Strom zu sparen oder sich zu schonen.</translation>
  </message>
  <message>
   <source>The display is steady by the time the meter looks: nothing was waited for.</source>
   <translation>Der Bildschirm steht ruhig, bis das Messgerät hinsieht: Es wurde auf nichts gewartet.</translation>
  </message>
  <message>
   <source>The display takes a full signal for one of limited range (16 to 235).</source>
   <translation>Der Bildschirm hält ein volles Signal für eines mit begrenztem Bereich (16 bis 235).</translation>
  </message>
  <message>
   <source>The display that the last unit was connected as is gone. Connect the next unit, or choose the display that it is.</source>
   <translation>Der Bildschirm, als der das letzte Exemplar angeschlossen war, ist nicht mehr da. Schließen Sie das nächste Exemplar an, oder wählen Sie den Bildschirm, der es ist.</translation>
  </message>
  <message>
   <source>The display's name and size have to be entered by hand.</source>
   <translation>Name und Größe des Bildschirms sind von Hand einzugeben.</translation>
  </message>
  <message>
   <source>The display's own triangle appears when its primaries have been read.</source>
   <translation>Das Dreieck des Bildschirms erscheint, wenn seine Primärfarben gemessen sind.</translation>
  </message>
  <message>
   <source>The driver of %1 has stopped. Go on to start it again.</source>
   <translation>Der Treiber von %1 ist stehengeblieben. „Weiter“ startet ihn neu.</translation>
  </message>
  <message>
   <source>The eye wanted Δu' %1, Δv' %2 added (Δu'v' %3). </source>
   <translation>Das Auge wollte Δu' %1, Δv' %2 dazu (Δu'v' %3). </translation>
  </message>
  <message>
   <source>The figures of %1 are being computed anew…</source>
   <translation>Die Zahlen von %1 werden neu berechnet…</translation>
  </message>
  <message>
   <source>The file was written for another version of Bold Lantern.</source>
   <translation>Die Datei wurde für eine andere Version von Bold Lantern geschrieben.</translation>
  </message>
  <message>
   <source>The fine-tuned profile is installed and in use.</source>
   <translation>Das feinabgestimmte Profil ist installiert und in Gebrauch.</translation>
  </message>
  <message>
   <source>The fine-tuned profile is just being made. Try again in a moment.</source>
   <translation>Das feinabgestimmte Profil wird gerade erstellt. Versuchen Sie es in einem Augenblick noch einmal.</translation>
  </message>
  <message>
   <source>The fine-tuned profile was not kept: displays came or went while it was made. Choose %1 and fine-tune it again.</source>
   <translation>Das feinabgestimmte Profil wurde nicht behalten: Während es erstellt wurde, kamen oder gingen Bildschirme. Wählen Sie %1 und stimmen Sie es noch einmal ab.</translation>
  </message>
  <message>
   <source>The first</source>
   <translation>Der erste</translation>
  </message>
  <message>
   <source>The handbook is not there. It comes with the program's package, in the folder share/bold-lantern/handbook.</source>
   <translation>Das Handbuch ist nicht da. Es kommt mit dem Paket des Programms, im Ordner share/bold-lantern/handbook.</translation>
  </message>
  <message>
   <source>The handbook's page on this message, beside the view</source>
   <translation>Die Seite des Handbuchs zu dieser Meldung, neben der Ansicht</translation>
  </message>
  <message>
   <source>The kernel shows no backlight of this panel.</source>
   <translation>Der Kernel zeigt keine Hintergrundbeleuchtung dieses Panels.</translation>
  </message>
  <message>
   <source>The large button at the lower left always does the next thing. It leads through the monitor's own controls, the greys, the chart and the proof. Every reading is kept as it comes: you can stop, or be stopped, at any time.</source>
   <translation>Der große Knopf links unten tut immer das Nächste. Er führt durch die Regler des Monitors, die Grautöne, die Farbtafel und den Nachweis. Jede Messung wird behalten, wie sie kommt: Sie können jederzeit aufhören oder unterbrochen werden.</translation>
  </message>
  <message>
   <source>The last one was unplugged. The display that comes is the next; or choose above which one it is.</source>
   <translation>Das letzte wurde abgezogen. Der Bildschirm, der dazukommt, ist das nächste; oder wählen Sie oben, welcher es ist.</translation>
  </message>
  <message>
   <source>The library for control channels, libddcutil, is not installed. Install it, or turn the controls by hand.</source>
   <translation>Die Bibliothek für Steuerkanäle, libddcutil, ist nicht installiert. Installieren Sie sie, oder drehen Sie die Regler von Hand.</translation>
  </message>
  <message>
   <source>The light around the desk decides how light a screen has to be, and how much is left of its black.</source>
   <translation>Das Licht am Arbeitsplatz entscheidet, wie hell ein Schirm sein muss und wie viel von seinem Schwarz bleibt.</translation>
  </message>
  <message>
   <source>The lightest greys are alike: the step below white has %1 % of its light.</source>
   <translation>Die hellsten Grautöne sind gleich: Die Stufe unter Weiß hat %1 % seines Lichts.</translation>
  </message>
  <message>
   <source>The limits "%1" ask for no evenness.</source>
   <translation>Die Grenzen „%1“ verlangen keine Gleichmäßigkeit.</translation>
  </message>
  <message>
   <source>The limits are kept as %1.</source>
   <translation>Die Grenzen sind als %1 behalten.</translation>
  </message>
  <message>
   <source>The lines shown are in %1.</source>
   <translation>Die gezeigten Zeilen sind in %1.</translation>
  </message>
  <message>
   <source>The lines shown, with all figures, as CSV.</source>
   <translation>Die gezeigten Zeilen, mit allen Zahlen, als CSV.</translation>
  </message>
  <message>
   <source>The list of free pages is damaged: readings that had been deleted may be among those rescued.</source>
   <translation>Die Liste der freien Seiten ist beschädigt: unter den geretteten Messungen können gelöschte sein.</translation>
  </message>
  <message>
   <source>The logbook is being copied…</source>
   <translation>Das Logbuch wird kopiert…</translation>
  </message>
  <message>
   <source>The logbook is being read…</source>
   <translation>Das Logbuch wird gelesen…</translation>
  </message>
  <message>
   <source>The logbook is damaged</source>
   <translation>Das Logbuch ist beschädigt</translation>
  </message>
  <message>
   <source>The logbook is locked</source>
   <translation>Das Logbuch ist gesperrt</translation>
  </message>
  <message>
   <source>The logbook was rescued</source>
   <translation>Das Logbuch wurde gerettet</translation>
  </message>
  <message>
   <source>The meter</source>
   <translation>Das Messgerät</translation>
  </message>
  <message>
   <source>The meter fits this panel</source>
   <translation>Das Messgerät passt zu diesem Panel</translation>
  </message>
  <message>
   <source>The meter hangs there meanwhile.</source>
   <translation>Das Messgerät hängt währenddessen dort.</translation>
  </message>
  <message>
   <source>The meter is at work. Let it finish, or stop it, before changing the meter.</source>
   <translation>Das Messgerät arbeitet. Lassen Sie es fertig werden, oder halten Sie es an, ehe Sie wechseln.</translation>
  </message>
  <message>
   <source>The meter is busy. Pause or stop the run first.</source>
   <translation>Das Messgerät ist beschäftigt. Unterbrechen oder beenden Sie den Lauf zuerst.</translation>
  </message>
  <message>
   <source>The meter is busy. Pause the run first.</source>
   <translation>Das Messgerät ist beschäftigt. Unterbrechen Sie den Lauf zuerst.</translation>
  </message>
  <message>
   <source>The meter lies across the edge of the light field, or moved. Hang it in the middle.</source>
   <translation>Das Messgerät liegt über dem Rand des hellen Feldes oder hat sich bewegt. Hängen Sie es in die Mitte.</translation>
  </message>
  <message>
   <source>The meter lies flat on a screen tilted back; its cable runs over the top edge to a counterweight behind.</source>
   <translation>Das Messgerät liegt flach auf einem zurückgeneigten Schirm; sein Kabel läuft über die Oberkante zu einem Gegengewicht dahinter.</translation>
  </message>
  <message>
   <source>The meter lies with its opening down on a dark flat place.</source>
   <translation>Das Messgerät liegt mit der Öffnung nach unten auf etwas Dunklem, Ebenem.</translation>
  </message>
  <message>
   <source>The meter reads light that falls on the glass as the screen's own.</source>
   <translation>Das Messgerät nimmt Licht, das aufs Glas fällt, für das des Schirms.</translation>
  </message>
  <message>
   <source>The meter stands beside the screen, diffuser on, facing up.</source>
   <translation>Das Messgerät steht neben dem Schirm, mit Streuscheibe, nach oben gerichtet.</translation>
  </message>
  <message>
   <source>The meter was changed before the stage "%1": %2 read until then, %3 since. The stated uncertainty is the last meter's.</source>
   <translation>Vor dem Schritt „%1“ wurde das Messgerät gewechselt: bis dahin maß %2, seitdem %3. Die angegebene Unsicherheit ist die des letzten.</translation>
  </message>
  <message>
   <source>The meter was stuck: unplug it, plug it in again, and measure anew.</source>
   <translation>Das Messgerät hing fest: Stecken Sie es aus und wieder ein, und messen Sie neu.</translation>
  </message>
  <message>
   <source>The meter's certificate is in force</source>
   <translation>Das Zertifikat des Messgeräts gilt</translation>
  </message>
  <message>
   <source>The meter's sensitivities X, Y, Z</source>
   <translation>Die Empfindlichkeiten X, Y, Z des Messgeräts</translation>
  </message>
  <message>
   <source>The mode that is set at the monitor now</source>
   <translation>Der Modus, der am Monitor jetzt eingestellt ist</translation>
  </message>
  <message>
   <source>The monitor answers but lets none of its controls be read.</source>
   <translation>Der Monitor antwortet, lässt aber keinen seiner Regler lesen.</translation>
  </message>
  <message>
   <source>The monitor changes to it, and programs get its profile. Edit, Undo goes back.</source>
   <translation>Der Monitor wechselt dahin, und Programme bekommen sein Profil. Bearbeiten, Rückgängig geht zurück.</translation>
  </message>
  <message>
   <source>The monitor does not answer on its control channel. Turn its controls by hand.</source>
   <translation>Der Monitor antwortet nicht auf seinem Steuerkanal. Drehen Sie seine Regler von Hand.</translation>
  </message>
  <message>
   <source>The monitor shows %1, but the profile in use goes with %2: colours are wrong in every program.</source>
   <translation>Der Monitor zeigt %1, aber das Profil in Gebrauch gehört zu %2: Farben stimmen in keinem Programm.</translation>
  </message>
  <message>
   <source>The monitor's &amp;buttons</source>
   <translation>Die &amp;Knöpfe des Monitors</translation>
  </message>
  <message>
   <source>The monitor's black level or brightness control eats them, or a picture mode deepens its shadows.</source>
   <translation>Der Schwarzwert oder die Helligkeit des Monitors verschluckt sie, oder ein Bildmodus vertieft die Schatten.</translation>
  </message>
  <message>
   <source>The monitor's contrast is set too high, or a picture mode stretches it.</source>
   <translation>Der Kontrast des Monitors ist zu hoch gestellt, oder ein Bildmodus streckt ihn.</translation>
  </message>
  <message>
   <source>The monitor's control channel cannot be opened: %1.</source>
   <translation>Der Steuerkanal des Monitors lässt sich nicht öffnen: %1.</translation>
  </message>
  <message>
   <source>The monitor's own compensation</source>
   <translation>Der eigene Ausgleich des Monitors</translation>
  </message>
  <message>
   <source>The monitor's own compensation costs %1 of white (%2 instead of %3 cd/m²); the worst field is off by %4 with it, by %5 without.</source>
   <translation>Der eigene Ausgleich des Monitors kostet %1 von Weiß (%2 statt %3 cd/m²); das schlechteste Feld liegt mit ihm um %4 daneben, ohne ihn um %5.</translation>
  </message>
  <message>
   <source>The monitor's own compensation, which costs light</source>
   <translation>Der eigene Ausgleich des Monitors, der Licht kostet</translation>
  </message>
  <message>
   <source>The monitor's own controls</source>
   <translation>Die eigenen Regler des Monitors</translation>
  </message>
  <message>
   <source>The ne&amp;xt run goes into</source>
   <translation>Der nächste Lauf &amp;geht in</translation>
  </message>
  <message>
   <source>The newest finished run of this display. No run is under way.</source>
   <translation>Der neueste fertige Lauf dieses Bildschirms. Kein Lauf ist im Gang.</translation>
  </message>
  <message>
   <source>The next step (Ctrl+Return)</source>
   <translation>Der nächste Schritt (Strg+Eingabe)</translation>
  </message>
  <message>
   <source>The page Light reads the room or a viewing booth; white and luminance can follow.</source>
   <translation>Die Seite Licht misst den Raum oder eine Abmusterungskabine; Weiß und Leuchtdichte können folgen.</translation>
  </message>
  <message>
   <source>The page on %1 does not fill its screen. Press Fill the screen there, then go on.</source>
   <translation>Die Seite auf %1 füllt ihren Schirm nicht. Drücken Sie dort „Schirm füllen“, dann weiter.</translation>
  </message>
  <message>
   <source>The panel holds back large bright areas, or a mode limits its power.</source>
   <translation>Das Panel hält große helle Flächen zurück, oder ein Modus begrenzt seine Leistung.</translation>
  </message>
  <message>
   <source>The panel's brightness went from %1 to %2 while it was measured, so this reading was thrown away. Automatic brightness, power saving or a key did it: switch them off. Going on sets it back.</source>
   <translation>Die Helligkeit des Panels ging beim Messen von %1 auf %2, also wurde diese Messung verworfen. Automatische Helligkeit, Stromsparen oder eine Taste war es: Schalten Sie sie ab. „Weiter“ stellt sie zurück.</translation>
  </message>
  <message>
   <source>The panel's red, green, blue, white</source>
   <translation>Rot, Grün, Blau und Weiß des Panels</translation>
  </message>
  <message>
   <source>The panel, or what drives it, has only six bits a channel.</source>
   <translation>Das Panel, oder was es ansteuert, hat nur sechs Bit je Kanal.</translation>
  </message>
  <message>
   <source>The patch could not be shown in time. Bring the patch window to the front, then go on.</source>
   <translation>Das Feld konnte nicht rechtzeitig gezeigt werden. Holen Sie sein Fenster nach vorn, dann weiter.</translation>
  </message>
  <message>
   <source>The patch is on no screen: its display was unplugged or switched off. Connect it again, then go on.</source>
   <translation>Das Feld ist auf keinem Schirm: Sein Bildschirm wurde ausgesteckt oder ausgeschaltet. Schließen Sie ihn wieder an, dann weiter.</translation>
  </message>
  <message>
   <source>The patch went from the screen %1 times while it was being read. See to its display, then go on.</source>
   <translation>Das Feld verschwand %1-mal vom Schirm, während es gemessen wurde. Sehen Sie nach seinem Bildschirm, dann weiter.</translation>
  </message>
  <message>
   <source>The patches of the chart, each field as primaries and tone curve make it expected, its spot as it was read.</source>
   <translation>Die Felder der Farbtafel, jedes so, wie Primärfarben und Tonwertkurve es erwarten lassen, sein Fleck, wie er gemessen wurde.</translation>
  </message>
  <message>
   <source>The patches were shown by a page in the browser of this device, which may convert colours on their way: the profile is of the display as that browser drives it.</source>
   <translation>Die Felder zeigte eine Seite im Browser dieses Geräts, der Farben unterwegs umrechnen kann: Das Profil gilt dem Bildschirm, wie jener Browser ihn ansteuert.</translation>
  </message>
  <message>
   <source>The picture is too large for this computer's memory.</source>
   <translation>Das Bild ist zu groß für den Speicher dieses Rechners.</translation>
  </message>
  <message>
   <source>The print is being worked out…</source>
   <translation>Der Druck wird berechnet…</translation>
  </message>
  <message>
   <source>The profile</source>
   <translation>Das Profil</translation>
  </message>
  <message>
   <source>The profile in use was fine-tuned by eye since: the calibration below it is no longer what is shown. Prove what is in use, on the page Fine-tune or Colour accuracy.</source>
   <translation>Das Profil in Gebrauch wurde seither nach Augenmaß feinabgestimmt: Die Kalibrierung darunter ist nicht mehr, was gezeigt wird. Weisen Sie auf der Seite Feinabstimmung oder Farbtreue nach, was in Gebrauch ist.</translation>
  </message>
  <message>
   <source>The profile in use was made by eye: nothing measured lies below it. Calibrate the display first.</source>
   <translation>Das Profil in Gebrauch wurde nach Augenmaß gemacht: Darunter liegt nichts Gemessenes. Kalibrieren Sie den Bildschirm zuerst.</translation>
  </message>
  <message>
   <source>The profile made by eye is installed and in use.</source>
   <translation>Das nach Augenmaß gemachte Profil ist installiert und in Gebrauch.</translation>
  </message>
  <message>
   <source>The profile's file is installed; choose it in the desktop's settings.</source>
   <translation>Die Profildatei ist installiert; wählen Sie sie in den Einstellungen des Desktops.</translation>
  </message>
  <message>
   <source>The program does not answer. This page goes on as soon as it serves patches again.</source>
   <translation>Das Programm antwortet nicht. Diese Seite geht weiter, sobald es wieder Felder zeigt.</translation>
  </message>
  <message>
   <source>The program turns the monitor's own controls.</source>
   <translation>Das Programm stellt die Regler des Monitors.</translation>
  </message>
  <message>
   <source>The program turns the panel's brightness.</source>
   <translation>Das Programm stellt die Helligkeit des Panels.</translation>
  </message>
  <message>
   <source>The readings do not fit the profile made of them: ΔE00 %1 between them in the mean. The meter hung beside the patch for a while, or something changed the display. Stop and start a new run; go on only if you want this profile.</source>
   <translation>Die Messungen passen nicht zum daraus gemachten Profil: ΔE00 %1 im Mittel dazwischen. Das Messgerät hing eine Weile neben dem Feld, oder etwas hat den Bildschirm geändert. Beenden Sie und beginnen Sie einen neuen Lauf; gehen Sie nur weiter, wenn Sie dieses Profil wollen.</translation>
  </message>
  <message>
   <source>The reference unit %1 has not been read yet.</source>
   <translation>Das Referenzexemplar %1 ist noch nicht gemessen.</translation>
  </message>
  <message>
   <source>The reference unit %1 reads as it did when the batch began (%2, %3). One reading cannot tell the meter from the unit.</source>
   <translation>Das Referenzexemplar %1 misst wie zu Beginn der Serie (%2, %3). Eine Messung kann Gerät und Exemplar nicht trennen.</translation>
  </message>
  <message>
   <source>The reference unit %1 reads differently since the batch began (%2, %3). The meter or that unit has changed: read another display that stays the same, and trust the units since then less.</source>
   <translation>Das Referenzexemplar %1 misst anders, seit die Serie begann (%2, %3). Das Messgerät oder jenes Exemplar hat sich geändert: Messen Sie einen anderen Bildschirm, der gleich bleibt, und trauen Sie den Exemplaren seither weniger.</translation>
  </message>
  <message>
   <source>The reference unit %1 was read once, %2: %3.</source>
   <translation>Das Referenzexemplar %1 wurde einmal gemessen, %2: %3.</translation>
  </message>
  <message>
   <source>The report is no longer there: %1. Save it again: File, Save the report.</source>
   <translation>Der Bericht ist nicht mehr da: %1. Speichern Sie ihn noch einmal: Datei, Bericht speichern.</translation>
  </message>
  <message>
   <source>The report is saved.</source>
   <translation>Der Bericht ist gespeichert.</translation>
  </message>
  <message>
   <source>The rest of the logbook is not touched by this.</source>
   <translation>Der Rest des Logbuchs bleibt davon unberührt.</translation>
  </message>
  <message>
   <source>The room's light has changed</source>
   <translation>Das Licht im Raum hat sich geändert</translation>
  </message>
  <message>
   <source>The run is complete.</source>
   <translation>Der Lauf ist fertig.</translation>
  </message>
  <message>
   <source>The run just made is kept as it is.</source>
   <translation>Der eben gemachte Lauf bleibt, wie er ist.</translation>
  </message>
  <message>
   <source>The run so far was read with %1. With another meter the present stage begins anew; what was found before it stays, and the report says which meter read what.</source>
   <translation>Der Lauf wurde bisher mit %1 gemessen. Mit einem anderen Messgerät beginnt der gegenwärtige Abschnitt neu; was davor gefunden wurde, bleibt, und der Bericht sagt, welches Gerät was gemessen hat.</translation>
  </message>
  <message>
   <source>The run under way stays as it was begun.</source>
   <translation>Der laufende Lauf bleibt, wie er begonnen wurde.</translation>
  </message>
  <message>
   <source>The run was removed. Edit, Undo brings it back.</source>
   <translation>Der Lauf wurde entfernt. Bearbeiten, Rückgängig bringt ihn zurück.</translation>
  </message>
  <message>
   <source>The same patch is read again.</source>
   <translation>Dasselbe Feld wird noch einmal gemessen.</translation>
  </message>
  <message>
   <source>The screen is dark; the meter reads…</source>
   <translation>Der Schirm ist dunkel; das Messgerät misst…</translation>
  </message>
  <message>
   <source>The second</source>
   <translation>Der zweite</translation>
  </message>
  <message>
   <source>The shared book is ready at %1, over an encrypted connection.</source>
   <translation>Das gemeinsame Buch ist bereit unter %1, über eine verschlüsselte Verbindung.</translation>
  </message>
  <message>
   <source>The shared book is ready at %1.</source>
   <translation>Das gemeinsame Buch ist bereit unter %1.</translation>
  </message>
  <message>
   <source>The texts of the licences are in /usr/share/common-licenses and /usr/share/doc, in the folder of each package.</source>
   <translation>Die Texte der Lizenzen stehen in /usr/share/common-licenses und in /usr/share/doc, im Ordner jedes Pakets.</translation>
  </message>
  <message>
   <source>The tone curve bends: its exponent goes from %1 to %2 between dark and light greys.</source>
   <translation>Die Tonwertkurve biegt sich: Ihr Exponent geht von %1 auf %2 zwischen dunklen und hellen Grautönen.</translation>
  </message>
  <message>
   <source>The tone curve stays the panel's own, and the profile carries it.</source>
   <translation>Die Tonwertkurve bleibt die des Panels, und das Profil trägt sie.</translation>
  </message>
  <message>
   <source>The unfinished run has installed its profile. Finish it first.</source>
   <translation>Der unfertige Lauf hat sein Profil installiert. Bringen Sie ihn zuerst zu Ende.</translation>
  </message>
  <message>
   <source>The white as read matches</source>
   <translation>Das gemessene Weiß stimmt überein</translation>
  </message>
  <message>
   <source>The white of the display will appear here,
with rings around the one aimed at.

The main action on the left starts the readings.</source>
   <translation>Hier erscheint das Weiß des Bildschirms,
mit Ringen um das verlangte.

Der große Knopf links beginnt die Messungen.</translation>
  </message>
  <message>
   <source>Then the profile is built from them.</source>
   <translation>Dann wird das Profil daraus gebaut.</translation>
  </message>
  <message>
   <source>There are: %1.</source>
   <translation>Es gibt: %1.</translation>
  </message>
  <message>
   <source>There is no complete run to report yet.</source>
   <translation>Es gibt noch keinen fertigen Lauf zu berichten.</translation>
  </message>
  <message>
   <source>There is no finished run of this display to check against.</source>
   <translation>Es gibt keinen fertigen Lauf dieses Bildschirms, gegen den zu prüfen wäre.</translation>
  </message>
  <message>
   <source>These are: %1.</source>
   <translation>Es gibt: %1.</translation>
  </message>
  <message>
   <source>These limits say nothing of colours in ΔE00.</source>
   <translation>Diese Grenzen sagen nichts von Farben in ΔE00.</translation>
  </message>
  <message>
   <source>These limits were made for another formula: their numbers are kept and mean something else now.</source>
   <translation>Diese Grenzen wurden für eine andere Formel gemacht: Ihre Zahlen bleiben und bedeuten nun etwas anderes.</translation>
  </message>
  <message>
   <source>They last as long as a program holds them: switch the Keeper on, on the page Profile.</source>
   <translation>Sie halten, solange ein Programm sie hält: Schalten Sie den Wächter auf der Seite Profil ein.</translation>
  </message>
  <message>
   <source>They were read from the monitor.</source>
   <translation>Sie wurden aus dem Monitor gelesen.</translation>
  </message>
  <message>
   <source>They were typed in by a person.</source>
   <translation>Sie wurden von Hand eingegeben.</translation>
  </message>
  <message>
   <source>This aim asked for the inverse of the Rec. 709 camera curve. Displays are to follow BT.1886, so that is what it asks for now.</source>
   <translation>Dieses Ziel verlangte die Umkehrung der Kamerakurve von Rec. 709. Bildschirme sollen BT.1886 folgen, also verlangt es jetzt das.</translation>
  </message>
  <message>
   <source>This compositor lends no video LUT: tone curves stay the panel's own, and profiles carry them.</source>
   <translation>Dieser Compositor gibt keine Video-LUT her: Tonwertkurven bleiben die des Panels, und Profile tragen sie.</translation>
  </message>
  <message>
   <source>This computer was asleep in the middle of a reading, which was thrown away. Let the display warm up again, then go on.</source>
   <translation>Dieser Rechner schlief mitten in einer Messung, die verworfen wurde. Lassen Sie den Bildschirm wieder warm werden, dann weiter.</translation>
  </message>
  <message>
   <source>This desktop's compositor lets no program load a video LUT on it, or another program holds it.</source>
   <translation>Der Compositor dieses Desktops lässt kein Programm eine Video-LUT darauf laden, oder ein anderes Programm hält sie.</translation>
  </message>
  <message>
   <source>This device now shows patches in another tab. Close this one.</source>
   <translation>Dieses Gerät zeigt Felder jetzt in einem anderen Reiter. Schließen Sie diesen.</translation>
  </message>
  <message>
   <source>This display has no calibration yet that could be fine-tuned.</source>
   <translation>Dieser Bildschirm hat noch keine Kalibrierung, die sich feinabstimmen ließe.</translation>
  </message>
  <message>
   <source>This display has nothing to turn, and its output no video LUT: white stays its own.</source>
   <translation>Dieser Bildschirm hat nichts zu drehen und sein Ausgang keine Video-LUT: Weiß bleibt sein eigenes.</translation>
  </message>
  <message>
   <source>This display has nothing to turn: the video LUT brings white to the aim.</source>
   <translation>Dieser Bildschirm hat nichts zu drehen: Die Video-LUT bringt Weiß ans Ziel.</translation>
  </message>
  <message>
   <source>This display holds: nothing has to be done.</source>
   <translation>Dieser Bildschirm gilt: Nichts ist zu tun.</translation>
  </message>
  <message>
   <source>This display is not connected now.</source>
   <translation>Dieser Bildschirm ist jetzt nicht angeschlossen.</translation>
  </message>
  <message>
   <source>This display says that its primaries are others than sRGB's, and sRGB's were measured. Either it is set to sRGB itself: then go on. Or the compositor converts colours, and the profile would be of what it makes of them: switch off colour management for this display in the desktop's settings, then start anew.</source>
   <translation>Dieser Bildschirm sagt, dass er andere Primärfarben als sRGB hat, und gemessen wurden die von sRGB. Entweder steht er selbst auf sRGB: dann weiter. Oder der Compositor rechnet Farben um, und das Profil gälte dem, was er daraus macht: Schalten Sie Farbmanagement für diesen Bildschirm in den Einstellungen des Desktops aus, und beginnen Sie neu.</translation>
  </message>
  <message>
   <source>This display's output has no video LUT to tune. Turn the monitor's own controls, then run again.</source>
   <translation>Der Ausgang dieses Bildschirms hat keine Video-LUT zum Abstimmen. Drehen Sie die Regler des Monitors, dann ein neuer Lauf.</translation>
  </message>
  <message>
   <source>This display: %1 thousand cubic ΔE*ab</source>
   <translation>Dieser Bildschirm: %1 Tausend Kubik-ΔE*ab</translation>
  </message>
  <message>
   <source>This is %1</source>
   <translation>Das ist %1</translation>
  </message>
  <message>
   <source>This logbook goes with no shared book any more; what it has stays in both.</source>
   <translation>Dieses Logbuch geht mit keinem gemeinsamen Buch mehr; was es hat, bleibt in beiden.</translation>
  </message>
  <message>
   <source>This logbook goes with the shared book from now on.</source>
   <translation>Dieses Logbuch geht von jetzt an mit dem gemeinsamen Buch.</translation>
  </message>
  <message>
   <source>This machine has a light sensor that may turn the brightness.</source>
   <translation>Dieser Rechner hat einen Lichtsensor, der die Helligkeit verstellen kann.</translation>
  </message>
  <message>
   <source>This memory holds tone curves only; primaries stay the panel's own.</source>
   <translation>Dieser Speicher hält nur Tonwertkurven; die Primärfarben bleiben die des Panels.</translation>
  </message>
  <message>
   <source>This memory mixes primaries: those that the aim names are made in it.</source>
   <translation>Dieser Speicher mischt Primärfarben: Die das Ziel nennt, entstehen darin.</translation>
  </message>
  <message>
   <source>This meter cannot tell whether it is within "%1" in %2.</source>
   <translation>Dieses Messgerät kann nicht sagen, ob es innerhalb von „%1“ liegt: %2.</translation>
  </message>
  <message>
   <source>This monitor has no contr&amp;ols</source>
   <translation>Dieser Monitor hat &amp;keine Regler</translation>
  </message>
  <message>
   <source>This output has no video LUT.</source>
   <translation>Dieser Ausgang hat keine Video-LUT.</translation>
  </message>
  <message>
   <source>This output has no video LUT: greys are read, the tone curve stays the panel's own, and the profile carries it.</source>
   <translation>Dieser Ausgang hat keine Video-LUT: Grautöne werden gemessen, die Tonwertkurve bleibt die des Panels, und das Profil trägt sie.</translation>
  </message>
  <message>
   <source>This output has no video LUT: the tone curve stays the panel's own, and the profile carries it.</source>
   <translation>Dieser Ausgang hat keine Video-LUT: die Tonwertkurve bleibt die des Panels, und das Profil trägt sie.</translation>
  </message>
  <message>
   <source>This panel has no black level to turn. The bars farthest left should melt into the black, the third should not. Where even the third cannot be told, darken the room; then go on.</source>
   <translation>Dieses Panel hat keinen Schwarzregler. Die Balken ganz links sollen im Schwarz aufgehen, der dritte nicht. Ist auch der dritte nicht zu erkennen, verdunkeln Sie den Raum; dann weiter.</translation>
  </message>
  <message>
   <source>This panel has no contrast to turn. All bars but the one farthest left should be told from the white. Go on either way: the profile takes the panel as it is.</source>
   <translation>Dieses Panel hat keinen Kontrastregler. Alle Balken außer dem ganz links sollen vom Weiß zu unterscheiden sein. Gehen Sie in jedem Fall weiter: Das Profil nimmt das Panel, wie es ist.</translation>
  </message>
  <message>
   <source>This panel's light is narrow-banded: its white need not look like that of another display or of paper with equal figures.</source>
   <translation>Das Licht dieses Panels ist schmalbandig: Sein Weiß muss nicht aussehen wie das eines anderen Bildschirms oder von Papier mit gleichen Zahlen.</translation>
  </message>
  <message>
   <source>This profile is in use. Use another one first.</source>
   <translation>Dieses Profil ist in Gebrauch. Verwenden Sie zuerst ein anderes.</translation>
  </message>
  <message>
   <source>This run's readings are of %1, and the meter is now %2. Choose %1 again and go on; or choose %2 in the Meter menu, and the present stage begins anew with it.</source>
   <translation>Die Messungen dieses Laufs sind von %1, und das Messgerät ist jetzt %2. Wählen Sie wieder %1 und gehen Sie weiter; oder wählen Sie %2 im Menü Messgerät, und der gegenwärtige Abschnitt beginnt damit neu.</translation>
  </message>
  <message>
   <source>This stage was begun by another version of Bold Lantern and starts anew. Its readings stay in the logbook.</source>
   <translation>Dieser Abschnitt wurde von einer anderen Version von Bold Lantern begonnen und beginnt neu. Seine Messungen bleiben im Logbuch.</translation>
  </message>
  <message>
   <source>This stage was begun by another version of Bold Lantern, which read in another order. It starts anew; readings that fit are used again.</source>
   <translation>Dieser Abschnitt wurde von einer anderen Version von Bold Lantern begonnen, die in anderer Folge maß. Er beginnt neu; passende Messungen werden wieder verwendet.</translation>
  </message>
  <message>
   <source>Thousand cubic ΔE*ab</source>
   <translation>Tausend Kubik-ΔE*ab</translation>
  </message>
  <message>
   <source>Three numbers from 0 up are expected.</source>
   <translation>Drei Zahlen ab 0 werden erwartet.</translation>
  </message>
  <message>
   <source>Three numbers in cd/m² are expected.</source>
   <translation>Drei Zahlen in cd/m² werden erwartet.</translation>
  </message>
  <message>
   <source>Time</source>
   <translation>Zeit</translation>
  </message>
  <message>
   <source>Time shown</source>
   <translation>Gezeigte Zeit</translation>
  </message>
  <message>
   <source>Time-out</source>
   <translation>Zeitüberschreitung</translation>
  </message>
  <message>
   <source>Tint of greys</source>
   <translation>Graustich</translation>
  </message>
  <message>
   <source>Tint of the greys</source>
   <translation>Stich der Grautöne</translation>
  </message>
  <message>
   <source>Tint of the greys against the measured white, mean and worst ΔE00</source>
   <translation>Stich der Grautöne gegen das gemessene Weiß, ΔE00 Mittel und größtes</translation>
  </message>
  <message>
   <source>Tint of the greys, mean</source>
   <translation>Stich der Grautöne, Mittel</translation>
  </message>
  <message>
   <source>Tint of the greys, mean ΔE00</source>
   <translation>Stich der Grautöne, ΔE00 im Mittel</translation>
  </message>
  <message>
   <source>Tint of the greys, worst ΔE00</source>
   <translation>Stich der Grautöne, größtes ΔE00</translation>
  </message>
  <message>
   <source>To a file…</source>
   <translation>In eine Datei…</translation>
  </message>
  <message>
   <source>To be replaced:</source>
   <translation>Zu ersetzen:</translation>
  </message>
  <message>
   <source>To be replaced: %1.</source>
   <translation>Zu ersetzen: %1.</translation>
  </message>
  <message>
   <source>To the &amp;white</source>
   <translation>Zum Weiß</translation>
  </message>
  <message>
   <source>To the a&amp;im</source>
   <translation>Zum Z&amp;iel</translation>
  </message>
  <message>
   <source>To the pr&amp;oof</source>
   <translation>Zum Na&amp;chweis</translation>
  </message>
  <message>
   <source>To the reminders</source>
   <translation>Zu den Erinnerungen</translation>
  </message>
  <message>
   <source>To the slot that the profile in use goes with.</source>
   <translation>Auf den Platz, zu dem das Profil in Gebrauch gehört.</translation>
  </message>
  <message>
   <source>Tone and grey</source>
   <translation>Tonwerte und Grau</translation>
  </message>
  <message>
   <source>Tone curve</source>
   <translation>Tonwertkurve</translation>
  </message>
  <message>
   <source>Tone curve, as gamma (of the aimed curve)</source>
   <translation>Tonwertkurve, als Gamma (der verlangten Kurve)</translation>
  </message>
  <message>
   <source>Tone curve, luminance error, mean and worst</source>
   <translation>Tonwertkurve, Fehler der Leuchtdichte, Mittel und größter</translation>
  </message>
  <message>
   <source>Tone curve, mean luminance error</source>
   <translation>Tonwertkurve, mittlerer Fehler</translation>
  </message>
  <message>
   <source>Tone, grey and black</source>
   <translation>Tonwerte, Grau und Schwarz</translation>
  </message>
  <message>
   <source>Too many codes at once. Try again.</source>
   <translation>Zu viele Codes auf einmal. Versuchen Sie es noch einmal.</translation>
  </message>
  <message>
   <source>Too many: a chart has at most %1 patches.</source>
   <translation>Zu viele: Eine Farbtafel hat höchstens %1 Felder.</translation>
  </message>
  <message>
   <source>Too much light</source>
   <translation>Zu viel Licht</translation>
  </message>
  <message>
   <source>Trends</source>
   <translation>Verlauf</translation>
  </message>
  <message>
   <source>Turn it by hand, or go on.</source>
   <translation>Drehen Sie ihn von Hand, oder gehen Sie weiter.</translation>
  </message>
  <message>
   <source>Turn it with the keys of the keyboard and go on without.</source>
   <translation>Stellen Sie sie mit den Tasten der Tastatur, und gehen Sie ohne weiter.</translation>
  </message>
  <message>
   <source>Turn its controls by hand, or go on without.</source>
   <translation>Drehen Sie seine Regler von Hand, oder gehen Sie ohne weiter.</translation>
  </message>
  <message>
   <source>Turn the display until its white looks like the paper or the other display, have it read, stop the run, then press this.</source>
   <translation>Stellen Sie den Bildschirm, bis sein Weiß wie das Papier oder der andere Bildschirm aussieht, lassen Sie es messen, beenden Sie den Lauf, und drücken Sie dann hier.</translation>
  </message>
  <message>
   <source>Turn the monitor's brightness or black level until the bars farthest left just cannot be told from the black and the third can. Keep the room as dark as when you work.</source>
   <translation>Drehen Sie Helligkeit oder Schwarzwert des Monitors, bis die Balken ganz links gerade nicht mehr vom Schwarz zu unterscheiden sind, der dritte aber schon. Der Raum sei so dunkel wie bei der Arbeit.</translation>
  </message>
  <message>
   <source>Turn the monitor's contrast down until the bars can be told from the white, at least all but the one farthest left.</source>
   <translation>Drehen Sie den Kontrast des Monitors herunter, bis die Balken vom Weiß zu unterscheiden sind, wenigstens alle außer dem ganz links.</translation>
  </message>
  <message>
   <source>Turn the monitor's own controls until the dot sits in the smallest ring.</source>
   <translation>Drehen Sie die Regler des Monitors, bis der Punkt im kleinsten Ring sitzt.</translation>
  </message>
  <message>
   <source>Turn them at the monitor.</source>
   <translation>Drehen Sie sie am Monitor.</translation>
  </message>
  <message>
   <source>Turn them on the monitor itself. Type in what it shows, and the advice is in its own steps.</source>
   <translation>Drehen Sie am Monitor selbst. Tippen Sie ein, was er zeigt, und der Rat kommt in seinen Schritten.</translation>
  </message>
  <message>
   <source>Turned %1. What that did was not read.</source>
   <translation>Gestellt: %1. Was das bewirkt hat, wurde nicht gemessen.</translation>
  </message>
  <message>
   <source>Turned %1: %2.</source>
   <translation>Gestellt: %1: %2.</translation>
  </message>
  <message>
   <source>Turned by %1 degrees, seen from %2 degrees above. As wires: %3.</source>
   <translation>Um %1 Grad gedreht, von %2 Grad darüber gesehen. Als Drahtkörper: %3.</translation>
  </message>
  <message numerus="yes">
   <source>Two meters are needed; %n has read so far.</source>
   <translation>
    <numerusform>Zwei Messgeräte sind nötig; %n hat bisher gemessen.</numerusform>
    <numerusform>Zwei Messgeräte sind nötig; %n haben bisher gemessen.</numerusform>
   </translation>
  </message>
  <message>
   <source>Type the code that the program shows.</source>
   <translation>Tippen Sie den Code, den das Programm zeigt.</translation>
  </message>
  <message>
   <source>US Letter</source>
   <translation>US Letter</translation>
  </message>
  <message>
   <source>Uncertainties are expanded (k = 2): scatter of the meter's readings, its certificate, what its correction leaves, drift of the display. A value nearer to its limit than that decides nothing. From differences, which are never negative, what scatter adds to them is taken off; beside them how they were read.</source>
   <translation>Unsicherheiten sind erweitert (k = 2): Streuung der Messungen, Zertifikat des Messgeräts, was seine Korrektur übrig lässt, Drift des Bildschirms. Ein Wert, der seiner Grenze näher ist, entscheidet nichts. Von Abständen, die nie negativ sind, ist abgezogen, was die Streuung dazutut; daneben steht, wie sie gemessen wurden.</translation>
  </message>
  <message>
   <source>Unit %1</source>
   <translation>Exemplar %1</translation>
  </message>
  <message>
   <source>Unit %1 is not within its limits and is measured once more.</source>
   <translation>Exemplar %1 liegt nicht in seinen Grenzen und wird noch einmal gemessen.</translation>
  </message>
  <message>
   <source>Unit %1: %2. Its report is in %3.</source>
   <translation>Exemplar %1: %2. Sein Bericht ist in %3.</translation>
  </message>
  <message>
   <source>Units</source>
   <translation>Exemplare</translation>
  </message>
  <message>
   <source>Units between its readings</source>
   <translation>Exemplare zwischen seinen Messungen</translation>
  </message>
  <message>
   <source>Units that are done</source>
   <translation>Fertige Exemplare</translation>
  </message>
  <message>
   <source>Until %1.</source>
   <translation>Bis %1.</translation>
  </message>
  <message>
   <source>Until it is good enough</source>
   <translation>Bis es gut genug ist</translation>
  </message>
  <message>
   <source>Usage</source>
   <translation>Aufruf</translation>
  </message>
  <message>
   <source>Use %1 on %2?</source>
   <translation>%1 auf %2 verwenden?</translation>
  </message>
  <message>
   <source>Use that version, or another logbook.</source>
   <translation>Verwenden Sie jene Version, oder ein anderes Logbuch.</translation>
  </message>
  <message>
   <source>Use that version.</source>
   <translation>Verwenden Sie jene Version.</translation>
  </message>
  <message>
   <source>Use the &amp;previous one</source>
   <translation>Das vori&amp;ge verwenden</translation>
  </message>
  <message>
   <source>Use this aim</source>
   <translation>Dieses Ziel nehmen</translation>
  </message>
  <message>
   <source>Use this one</source>
   <translation>Dieses nehmen</translation>
  </message>
  <message>
   <source>User colour</source>
   <translation>Benutzerfarbe</translation>
  </message>
  <message>
   <source>Validate</source>
   <translation>Nachweisen</translation>
  </message>
  <message>
   <source>Validating</source>
   <translation>Weist nach</translation>
  </message>
  <message>
   <source>Validation</source>
   <translation>Nachweis</translation>
  </message>
  <message>
   <source>Validation table</source>
   <translation>Tabelle des Nachweises</translation>
  </message>
  <message>
   <source>Value</source>
   <translation>Wert</translation>
  </message>
  <message>
   <source>Verdict</source>
   <translation>Urteil</translation>
  </message>
  <message>
   <source>Version 2 is for programs that do not know version 4 yet.</source>
   <translation>Version 2 ist für Programme, die Version 4 noch nicht kennen.</translation>
  </message>
  <message>
   <source>Version 2, for old programs</source>
   <translation>Version 2, für alte Programme</translation>
  </message>
  <message>
   <source>Version 4</source>
   <translation>Version 4</translation>
  </message>
  <message>
   <source>Version of ICC</source>
   <translation>Version von ICC</translation>
  </message>
  <message>
   <source>Video LUT</source>
   <translation>Video-LUT</translation>
  </message>
  <message>
   <source>Video LUT (entry: red green blue, 0..1)</source>
   <translation>Video-LUT (Eintrag: Rot Grün Blau, 0..1)</translation>
  </message>
  <message>
   <source>Video LUTs can be loaded on %1 of %2 displays.</source>
   <translation>Video-LUTs lassen sich auf %1 von %2 Bildschirmen laden.</translation>
  </message>
  <message>
   <source>Video LUTs can be loaded.</source>
   <translation>Video-LUTs lassen sich laden.</translation>
  </message>
  <message>
   <source>View to begin with, e.g. check.</source>
   <translation>Seite am Anfang, z. B. check.</translation>
  </message>
  <message>
   <source>Viewing pictures</source>
   <translation>Bilder ansehen</translation>
  </message>
  <message>
   <source>Vivid</source>
   <translation>Lebhaft</translation>
  </message>
  <message>
   <source>Volumes appear when there is a profile.</source>
   <translation>Rauminhalte erscheinen, wenn es ein Profil gibt.</translation>
  </message>
  <message>
   <source>Wait until it is done, or stop it there.</source>
   <translation>Warten Sie, bis es fertig ist, oder halten Sie es dort an.</translation>
  </message>
  <message>
   <source>Warming up</source>
   <translation>Warmlaufen</translation>
  </message>
  <message>
   <source>Watched by the Keeper</source>
   <translation>Vom Wächter beobachtet</translation>
  </message>
  <message>
   <source>Watching it warm up</source>
   <translation>Beobachtet das Warmlaufen</translation>
  </message>
  <message>
   <source>Wavelengths rise in steps of 20 nm or less.</source>
   <translation>Wellenlängen steigen in Schritten von 20 nm oder weniger.</translation>
  </message>
  <message>
   <source>Wayland compositor</source>
   <translation>Wayland-Compositor</translation>
  </message>
  <message>
   <source>Web and office</source>
   <translation>Web und Büro</translation>
  </message>
  <message>
   <source>Wedge: greys, hues</source>
   <translation>Keil: Grau, Farbtöne</translation>
  </message>
  <message>
   <source>What</source>
   <translation>Was</translation>
  </message>
  <message>
   <source>What before is</source>
   <translation>Was vorher ist</translation>
  </message>
  <message>
   <source>What does the instrument show for RGB %1 %2 %3?</source>
   <translation>Was zeigt das Gerät für RGB %1 %2 %3?</translation>
  </message>
  <message>
   <source>What each meter read</source>
   <translation>Was jedes Messgerät gemessen hat</translation>
  </message>
  <message>
   <source>What each ± (k = 2) is made of. What the scatter of the readings adds to a difference is taken off the figures.</source>
   <translation>Woraus jedes ± (k = 2) besteht. Was die Streuung der Messungen zu einem Unterschied beiträgt, ist von den Zahlen abgezogen.</translation>
  </message>
  <message>
   <source>What happened</source>
   <translation>Was geschah</translation>
  </message>
  <message>
   <source>What is chosen once and then kept. Each is in force at once; what belongs to one display or one run is on its own page.</source>
   <translation>Was einmal gewählt und dann behalten wird. Jedes gilt sofort; was zu einem Bildschirm oder Lauf gehört, steht auf dessen Seite.</translation>
  </message>
  <message>
   <source>What is proved</source>
   <translation>Was nachgewiesen wird</translation>
  </message>
  <message>
   <source>What it cannot show, the worst first</source>
   <translation>Was er nicht zeigen kann, das Schlimmste zuerst</translation>
  </message>
  <message>
   <source>What it is made with</source>
   <translation>Woraus es gemacht ist</translation>
  </message>
  <message>
   <source>What the aim can take from it</source>
   <translation>Was das Ziel davon nehmen kann</translation>
  </message>
  <message>
   <source>What the display makes of this print is told once it has a profile.</source>
   <translation>Was der Bildschirm aus diesem Druck macht, steht hier, sobald er ein Profil hat.</translation>
  </message>
  <message>
   <source>What the display should become. Start from a job; every number can be changed.</source>
   <translation>Was der Bildschirm werden soll. Beginnen Sie mit einer Aufgabe; jede Zahl lässt sich ändern.</translation>
  </message>
  <message>
   <source>What the display should become. Start from a job; every number can be changed. An aim file can be dropped here.</source>
   <translation>Was der Bildschirm werden soll. Beginnen Sie mit einer Aufgabe; jede Zahl lässt sich ändern. Eine Zieldatei kann hierher gezogen werden.</translation>
  </message>
  <message>
   <source>What the eye gets</source>
   <translation>Was das Auge erreicht</translation>
  </message>
  <message>
   <source>What the meters may be off by is not known and not in these ranges.</source>
   <translation>Wie weit die Messgeräte danebenliegen, ist nicht bekannt und steckt nicht in diesen Spannen.</translation>
  </message>
  <message>
   <source>What the profile is made for</source>
   <translation>Wofür das Profil gemacht wird</translation>
  </message>
  <message>
   <source>What the program can check it has checked; tick the rest. A point left open does not stop you, but is noted in the report.</source>
   <translation>Was das Programm prüfen kann, hat es geprüft; haken Sie den Rest ab. Ein offener Punkt hält Sie nicht auf, steht aber im Bericht.</translation>
  </message>
  <message>
   <source>What the shared aim asks of each display</source>
   <translation>Was das gemeinsame Ziel von jedem Bildschirm verlangt</translation>
  </message>
  <message>
   <source>What this device is called</source>
   <translation>Wie dieses Gerät heißt</translation>
  </message>
  <message>
   <source>What this logbook has already stays as it is.</source>
   <translation>Was dieses Logbuch schon hat, bleibt, wie es ist.</translation>
  </message>
  <message>
   <source>What this run makes. Name and kind can be changed until it is built.</source>
   <translation>Was dieser Lauf erstellt. Name und Art lassen sich ändern, bis es gebaut ist.</translation>
  </message>
  <message>
   <source>What two displays, or two runs, make of the same colours; foretold from their readings.</source>
   <translation>Was zwei Bildschirme, oder zwei Läufe, aus denselben Farben machen; vorhergesagt aus ihren Messungen.</translation>
  </message>
  <message>
   <source>What was done</source>
   <translation>Was getan wurde</translation>
  </message>
  <message>
   <source>What was found is on the display now; held, what it had before.</source>
   <translation>Was gefunden wurde, ist jetzt auf dem Bildschirm; gehalten, was er vorher hatte.</translation>
  </message>
  <message>
   <source>What was measured is safe in this computer's own logbook; it is brought when the server answers again.</source>
   <translation>Was gemessen wurde, ist sicher im Logbuch dieses Rechners; es wird gebracht, wenn der Server wieder antwortet.</translation>
  </message>
  <message>
   <source>What was measured stays; the batch can be gone on with.</source>
   <translation>Was gemessen wurde, bleibt; die Serie lässt sich fortsetzen.</translation>
  </message>
  <message>
   <source>What was to be printed is lost; is the disk full?</source>
   <translation>Was ausgegeben werden sollte, ist verloren; ist der Datenträger voll?</translation>
  </message>
  <message>
   <source>Whatever moves light or colour by itself spoils the readings.</source>
   <translation>Was Licht oder Farbe von selbst verstellt, verdirbt die Messungen.</translation>
  </message>
  <message>
   <source>When</source>
   <translation>Wann</translation>
  </message>
  <message>
   <source>Where</source>
   <translation>Wo</translation>
  </message>
  <message>
   <source>Where is the meter</source>
   <translation>Wo hängt das Messgerät</translation>
  </message>
  <message>
   <source>Where it comes from</source>
   <translation>Woher sie kommt</translation>
  </message>
  <message>
   <source>Where the display's white lies, seen from the white aimed at. u' to the right, v' up; dashed daylight, dotted black body.</source>
   <translation>Wo das Weiß des Bildschirms liegt, vom verlangten Weiß aus gesehen. u' nach rechts, v' nach oben; gestrichelt Tageslicht, punktiert schwarzer Strahler.</translation>
  </message>
  <message>
   <source>Where the next run goes</source>
   <translation>Wohin der nächste Lauf geht</translation>
  </message>
  <message>
   <source>While something is measured no logbook is taken over. Pause or finish first.</source>
   <translation>Während gemessen wird, wird kein Logbuch übernommen. Unterbrechen oder beenden Sie zuerst.</translation>
  </message>
  <message>
   <source>White</source>
   <translation>Weiß</translation>
  </message>
  <message>
   <source>White
K</source>
   <translation>Weiß
K</translation>
  </message>
  <message>
   <source>White
cd/m²</source>
   <translation>Weiß
cd/m²</translation>
  </message>
  <message>
   <source>White %1; %2.</source>
   <translation>Weiß %1; %2.</translation>
  </message>
  <message>
   <source>White and luminance were good as they stood: nothing was turned.</source>
   <translation>Weiß und Leuchtdichte waren gut, wie sie standen: Nichts wurde gedreht.</translation>
  </message>
  <message>
   <source>White and middle grey</source>
   <translation>Weiß und mittleres Grau</translation>
  </message>
  <message>
   <source>White dial</source>
   <translation>Weißscheibe</translation>
  </message>
  <message>
   <source>White from the aim, Δu'v'</source>
   <translation>Weiß, Abstand vom Ziel, Δu'v'</translation>
  </message>
  <message>
   <source>White has %1 % of the light of its primaries together.</source>
   <translation>Weiß hat %1 % des Lichts seiner Primärfarben zusammen.</translation>
  </message>
  <message>
   <source>White has only %1 % of the light of its primaries together.</source>
   <translation>Weiß hat nur %1 % des Lichts seiner Primärfarben zusammen.</translation>
  </message>
  <message>
   <source>White in a small patch is %1 % lighter than on the whole screen.</source>
   <translation>Weiß in einem kleinen Feld ist %1 % heller als auf dem ganzen Schirm.</translation>
  </message>
  <message>
   <source>White in the middle changed by up to %1 while it was measured; that is taken out. Uncertainties are the meter's scatter; how it was hung is not in them.</source>
   <translation>Weiß in der Mitte änderte sich beim Messen um bis zu %1; das ist herausgerechnet. Die Unsicherheiten sind die Streuung des Geräts; wie es hing, ist nicht darin.</translation>
  </message>
  <message>
   <source>White is %1 from the aim in Δu'v'</source>
   <translation>Weiß liegt %1 vom Ziel in Δu'v'</translation>
  </message>
  <message>
   <source>White is %1 to %2 of the middle's light; the worst colour is Δu'v' %3 from it, ΔE00 %4.</source>
   <translation>Weiß hat %1 bis %2 des Lichts der Mitte; die schlechteste Farbe liegt Δu'v' %3 von ihr, ΔE00 %4.</translation>
  </message>
  <message>
   <source>White is being read…</source>
   <translation>Weiß wird gemessen…</translation>
  </message>
  <message>
   <source>White is far from any daylight (x %1 y %2).</source>
   <translation>Weiß liegt weit von jedem Tageslicht (x %1 y %2).</translation>
  </message>
  <message>
   <source>White is right: go on</source>
   <translation>Weiß stimmt: weiter</translation>
  </message>
  <message>
   <source>White is stable: it changes by less than %1 % in ten minutes.</source>
   <translation>Weiß steht: Es ändert sich um weniger als %1 % in zehn Minuten.</translation>
  </message>
  <message>
   <source>White of the device x %1 y %2</source>
   <translation>Weiß des Geräts x %1 y %2</translation>
  </message>
  <message>
   <source>White of the proof</source>
   <translation>Weiß des Nachweises</translation>
  </message>
  <message>
   <source>White papers have L* 93 to 95: they send back 83 to 88 % of the light.</source>
   <translation>Weiße Papiere haben L* 93 bis 95: Sie werfen 83 bis 88 % des Lichts zurück.</translation>
  </message>
  <message>
   <source>White point</source>
   <translation>Weißpunkt</translation>
  </message>
  <message>
   <source>White point, kelvin</source>
   <translation>Weißpunkt, Kelvin</translation>
  </message>
  <message>
   <source>White point, u'</source>
   <translation>Weißpunkt, u'</translation>
  </message>
  <message>
   <source>White point, v'</source>
   <translation>Weißpunkt, v'</translation>
  </message>
  <message>
   <source>White point, x</source>
   <translation>Weißpunkt, x</translation>
  </message>
  <message>
   <source>White point, y</source>
   <translation>Weißpunkt, y</translation>
  </message>
  <message>
   <source>White point, Δu'v' from the aim</source>
   <translation>Weißpunkt, Δu'v' vom Ziel</translation>
  </message>
  <message>
   <source>White was %1 cd/m² and is now %2. The display dims by itself, a night light came on, or the meter slipped. Put it right, then go on: what was read since the last good white is read again.</source>
   <translation>Weiß war %1 cd/m² und ist jetzt %2. Der Bildschirm dunkelt selbst ab, ein Nachtlicht ging an, oder das Messgerät ist verrutscht. Bringen Sie das in Ordnung und gehen Sie weiter: Was seit dem letzten guten Weiß gemessen wurde, wird noch einmal gemessen.</translation>
  </message>
  <message>
   <source>White was matched by eye: Δu' %1, Δv' %2 were added to the aim.</source>
   <translation>Weiß wurde mit dem Auge abgeglichen: Δu' %1, Δv' %2 kamen zum Ziel hinzu.</translation>
  </message>
  <message>
   <source>White Δu'v'</source>
   <translation>Weiß Δu'v'</translation>
  </message>
  <message>
   <source>White, black, primaries and nine greys, for comparison.</source>
   <translation>Weiß, Schwarz, Primärfarben und neun Grautöne, zum Vergleich.</translation>
  </message>
  <message>
   <source>White, luminance</source>
   <translation>Weiß, Leuchtdichte</translation>
  </message>
  <message>
   <source>White, luminance and contrast only a reading tells.</source>
   <translation>Weiß, Leuchtdichte und Kontrast sagt erst eine Messung.</translation>
  </message>
  <message>
   <source>White, middle and dark</source>
   <translation>Weiß, mittel und dunkel</translation>
  </message>
  <message>
   <source>White, x</source>
   <translation>Weiß, x</translation>
  </message>
  <message>
   <source>White, y</source>
   <translation>Weiß, y</translation>
  </message>
  <message>
   <source>White, Δu'v'</source>
   <translation>Weiß, Δu'v'</translation>
  </message>
  <message>
   <source>White, Δu'v' from the last run</source>
   <translation>Weiß, Δu'v' vom letzten Lauf</translation>
  </message>
  <message>
   <source>Whole handbook</source>
   <translation>Ganzes Handbuch</translation>
  </message>
  <message>
   <source>Wide gamut</source>
   <translation>Weiter Farbumfang</translation>
  </message>
  <message>
   <source>Window</source>
   <translation>Fenster</translation>
  </message>
  <message>
   <source>With losses, %1:</source>
   <translation>Mit Verlusten, %1:</translation>
  </message>
  <message>
   <source>With losses: run</source>
   <translation>Mit Verlusten: Lauf</translation>
  </message>
  <message>
   <source>With the meter on the display: how far this white is from the aim.</source>
   <translation>Mit dem Messgerät auf dem Bildschirm: wie weit dieses Weiß vom Ziel liegt.</translation>
  </message>
  <message>
   <source>With the meter: colours through the profile in use, with a verdict.</source>
   <translation>Mit dem Messgerät: Farben durch das Profil in Gebrauch, mit einem Urteil.</translation>
  </message>
  <message>
   <source>Within the limits "%1".</source>
   <translation>Innerhalb der Grenzen „%1“.</translation>
  </message>
  <message>
   <source>Within tolerance</source>
   <translation>In den Grenzen</translation>
  </message>
  <message>
   <source>Without a meter: better than nothing, no match for a measurement. Your eyes adapt to a cast, so white stays uncertain, and no ΔE is known afterwards.</source>
   <translation>Ohne Messgerät: besser als nichts, kein Ersatz für eine Messung. Augen gewöhnen sich an einen Stich, so dass Weiß unsicher bleibt, und kein ΔE ist danach bekannt.</translation>
  </message>
  <message>
   <source>Without it nothing can be measured.</source>
   <translation>Ohne es lässt sich nichts messen.</translation>
  </message>
  <message>
   <source>Without it profiles are not kept in force after a login. Install bold-lantern-keeper.</source>
   <translation>Ohne ihn bleiben Profile nach einem Anmelden nicht in Kraft. Installieren Sie bold-lantern-keeper.</translation>
  </message>
  <message>
   <source>Without one, keep it in a .pgpass file that only you can read (mode 600), a line host:port:database:user:password.</source>
   <translation>Ohne ihn steht es in einer .pgpass-Datei, die nur Sie lesen können (Modus 600), in einer Zeile host:port:database:user:password.</translation>
  </message>
  <message>
   <source>Workshop</source>
   <translation>Werkstatt</translation>
  </message>
  <message>
   <source>Workshop: %1</source>
   <translation>Werkstatt: %1</translation>
  </message>
  <message>
   <source>Workstation</source>
   <translation>Arbeitsplatz</translation>
  </message>
  <message>
   <source>Worst first</source>
   <translation>Nach ΔE00</translation>
  </message>
  <message>
   <source>Worst patch, ΔE00</source>
   <translation>Schlechtestes Feld, ΔE00</translation>
  </message>
  <message>
   <source>Write it as 2027-03-31.</source>
   <translation>Schreiben Sie es als 2027-03-31.</translation>
  </message>
  <message>
   <source>X Y Z of </source>
   <translation>X Y Z von </translation>
  </message>
  <message>
   <source>X server</source>
   <translation>X-Server</translation>
  </message>
  <message>
   <source>You turn, the program reads and advises.</source>
   <translation>Sie drehen, das Programm misst und rät.</translation>
  </message>
  <message>
   <source>Your pictures as both show them, and a map of their differences.</source>
   <translation>Ihre Bilder, wie beide sie zeigen, und eine Karte der Unterschiede.</translation>
  </message>
  <message>
   <source>Zero the meter and measure again.</source>
   <translation>Nullen Sie das Messgerät und messen Sie noch einmal.</translation>
  </message>
  <message>
   <source>a chromaticity with y of 0 or less has no luminance</source>
   <translation>ein Farbort mit y von 0 oder weniger hat keine Leuchtdichte</translation>
  </message>
  <message>
   <source>a code value of %1 arrives above the middle of the scale: the compositor changes tones on the way</source>
   <translation>ein Codewert von %1 kommt über der Mitte der Skala an: Der Compositor ändert unterwegs Tonwerte</translation>
  </message>
  <message>
   <source>a command is missing: which of them is to be done?</source>
   <translation>ein Befehl fehlt: welcher soll ausgeführt werden?</translation>
  </message>
  <message>
   <source>a diagram of a finished run as SVG, PDF, PNG or CSV; without --diagram: which there are</source>
   <translation>ein Diagramm eines fertigen Laufs als SVG, PDF, PNG oder CSV; ohne --diagram: welche es gibt</translation>
  </message>
  <message>
   <source>a display of the demo by its name, such as north-desk, or a display file: on the bench</source>
   <translation>ein Bildschirm der Vorführung mit seinem Namen, etwa north-desk, oder eine Bildschirmdatei: auf dem Prüfstand</translation>
  </message>
  <message>
   <source>a drawing</source>
   <translation>eine Zeichnung</translation>
  </message>
  <message>
   <source>a field gives %1 % of the middle's light</source>
   <translation>ein Feld gibt %1 % des Lichts der Mitte</translation>
  </message>
  <message>
   <source>a grid of %1 levels; 2 to %2 are possible</source>
   <translation>ein Gitter von %1 Stufen; möglich sind 2 bis %2</translation>
  </message>
  <message>
   <source>a line for each figure, for spreadsheets</source>
   <translation>eine Zeile je Kennzahl, für Tabellenkalkulationen</translation>
  </message>
  <message>
   <source>a meter's correction: from readings of one display by it and by a better one, or computed from spectra</source>
   <translation>die Korrektur eines Messgeräts: aus Messungen desselben Bildschirms mit ihm und mit einem besseren, oder aus Spektren berechnet</translation>
  </message>
  <message>
   <source>a middle grey in CIELAB</source>
   <translation>ein mittleres Grau in CIELAB</translation>
  </message>
  <message>
   <source>a name (A, D50, D55, D65, D75, E) or X,Y,Z above 0 is expected</source>
   <translation>ein Name (A, D50, D55, D65, D75, E) oder X,Y,Z über 0 wird erwartet</translation>
  </message>
  <message>
   <source>a name could not be written</source>
   <translation>ein Name konnte nicht geschrieben werden</translation>
  </message>
  <message>
   <source>a name to keep it by</source>
   <translation>ein Name, unter dem sie behalten wird</translation>
  </message>
  <message>
   <source>a number is expected</source>
   <translation>eine Zahl wird erwartet</translation>
  </message>
  <message>
   <source>a page</source>
   <translation>eine Seite</translation>
  </message>
  <message>
   <source>a password does not belong in it: lists and histories would show it; give it with book password, or keep it in a .pgpass file</source>
   <translation>ein Passwort gehört nicht hinein: Listen und Verläufe würden es zeigen; geben Sie es mit book password an, oder in einer .pgpass-Datei</translation>
  </message>
  <message>
   <source>a profile from readings made anywhere</source>
   <translation>ein Profil aus Messungen von irgendwo</translation>
  </message>
  <message>
   <source>a profile with tables, from readings made anywhere</source>
   <translation>ein Profil mit Tabellen, aus Messungen von irgendwo</translation>
  </message>
  <message>
   <source>a quoted text is not closed</source>
   <translation>ein Text in Anführungszeichen ist nicht geschlossen</translation>
  </message>
  <message>
   <source>a reading failed</source>
   <translation>eine Messung misslang</translation>
  </message>
  <message>
   <source>a reading is not a finite number</source>
   <translation>eine Messung ist keine endliche Zahl</translation>
  </message>
  <message>
   <source>a reading's region cannot be read</source>
   <translation>der Bereich einer Messung kann nicht gelesen werden</translation>
  </message>
  <message>
   <source>a remark, kept on the run that --on names</source>
   <translation>eine Notiz zu dem Lauf, den --on nennt</translation>
  </message>
  <message numerus="yes">
   <source>a reminder after %n day(s)</source>
   <translation>
    <numerusform>Erinnerung nach %n Tag</numerusform>
    <numerusform>Erinnerung nach %n Tagen</numerusform>
   </translation>
  </message>
  <message>
   <source>a row has %1 of %2 values</source>
   <translation>eine Zeile hat %1 von %2 Werten</translation>
  </message>
  <message>
   <source>a row of its table %1 is damaged</source>
   <translation>eine Zeile seiner Tabelle %1 ist beschädigt</translation>
  </message>
  <message>
   <source>a run</source>
   <translation>ein Lauf</translation>
  </message>
  <message>
   <source>a serial number has %1 characters at most</source>
   <translation>eine Seriennummer hat höchstens %1 Zeichen</translation>
  </message>
  <message>
   <source>a small one for old programs</source>
   <translation>ein kleines für alte Programme</translation>
  </message>
  <message>
   <source>a spectrum was expected</source>
   <translation>ein Spektrum wurde erwartet</translation>
  </message>
  <message>
   <source>a stage of it is there twice</source>
   <translation>einer seiner Abschnitte ist zweimal da</translation>
  </message>
  <message>
   <source>a standard with its number, or "common practice"</source>
   <translation>eine Norm mit ihrer Nummer, oder „übliche Praxis“</translation>
  </message>
  <message>
   <source>a table could not be shared</source>
   <translation>eine Tabelle konnte nicht geteilt werden</translation>
  </message>
  <message>
   <source>a table has an odd number of points a side, %1 to %2</source>
   <translation>eine Tabelle hat eine ungerade Zahl von Punkten je Seite, %1 bis %2</translation>
  </message>
  <message>
   <source>a text could not be written</source>
   <translation>ein Text konnte nicht geschrieben werden</translation>
  </message>
  <message>
   <source>a value is expected after it</source>
   <translation>danach wird ein Wert erwartet</translation>
  </message>
  <message>
   <source>a whole calibration of a simulated display, into the folder north</source>
   <translation>eine ganze Kalibrierung eines simulierten Bildschirms, in den Ordner north</translation>
  </message>
  <message>
   <source>a*, b*</source>
   <translation>a*, b*</translation>
  </message>
  <message>
   <source>a4 (default) or letter</source>
   <translation>a4 (sonst) oder letter</translation>
  </message>
  <message>
   <source>about %1 min left</source>
   <translation>noch etwa %1 min</translation>
  </message>
  <message>
   <source>about %1 s left</source>
   <translation>noch etwa %1 s</translation>
  </message>
  <message>
   <source>about sRGB</source>
   <translation>etwa sRGB</translation>
  </message>
  <message>
   <source>address of the shared book</source>
   <translation>Adresse des gemeinsamen Buchs</translation>
  </message>
  <message>
   <source>adjust</source>
   <translation>Einstellen</translation>
  </message>
  <message>
   <source>after %1 nm comes %2 nm</source>
   <translation>nach %1 nm kommt %2 nm</translation>
  </message>
  <message>
   <source>after that run</source>
   <translation>nach jenem Lauf</translation>
  </message>
  <message>
   <source>after the calibration</source>
   <translation>nach der Kalibrierung</translation>
  </message>
  <message>
   <source>against %1</source>
   <translation>gegen %1</translation>
  </message>
  <message>
   <source>against the aim</source>
   <translation>gegen das Ziel</translation>
  </message>
  <message>
   <source>against the aimed white</source>
   <translation>gegen das verlangte Weiß</translation>
  </message>
  <message>
   <source>aim</source>
   <translation>Ziel</translation>
  </message>
  <message>
   <source>aim %1 cd/m²</source>
   <translation>Ziel %1 cd/m²</translation>
  </message>
  <message>
   <source>aim %1 · Duv %2</source>
   <translation>Ziel %1 · Duv %2</translation>
  </message>
  <message>
   <source>aim %1 · x %2 y %3</source>
   <translation>Ziel %1 · x %2 y %3</translation>
  </message>
  <message>
   <source>aim file for it</source>
   <translation>Zieldatei dafür</translation>
  </message>
  <message>
   <source>aim file to judge white, luminance and tone by; default: the aim that the profile was made for</source>
   <translation>Zieldatei, nach der Weiß, Leuchtdichte und Tonwerte beurteilt werden; sonst: das Ziel, für das das Profil gemacht ist</translation>
  </message>
  <message>
   <source>aim file; default: D65, 120 cd/m², gamma 2.2</source>
   <translation>Zieldatei; sonst: D65, 120 cd/m², Gamma 2,2</translation>
  </message>
  <message>
   <source>aim · </source>
   <translation>Ziel · </translation>
  </message>
  <message>
   <source>aim: %1</source>
   <translation>Ziel: %1</translation>
  </message>
  <message>
   <source>aim: native</source>
   <translation>Ziel: nativ</translation>
  </message>
  <message>
   <source>aimed</source>
   <translation>verlangt</translation>
  </message>
  <message>
   <source>aimed white</source>
   <translation>verlangtes Weiß</translation>
  </message>
  <message>
   <source>all of it in one file</source>
   <translation>alles in einer Datei</translation>
  </message>
  <message>
   <source>all of this as JSON</source>
   <translation>all dies als JSON</translation>
  </message>
  <message>
   <source>all runs of a logbook, newest first; their notes; removes them and brings them back</source>
   <translation>alle Läufe eines Logbuchs, die neuesten zuerst; ihre Notizen; entfernt sie und bringt sie zurück</translation>
  </message>
  <message>
   <source>all runs, newest first</source>
   <translation>alle Läufe, die neuesten zuerst</translation>
  </message>
  <message>
   <source>also tell the error to expect, by cross-validation</source>
   <translation>auch den zu erwartenden Fehler nennen, durch Kreuzvalidierung</translation>
  </message>
  <message>
   <source>an EDID has 128 bytes, here are %1</source>
   <translation>ein EDID hat 128 Bytes, hier sind %1</translation>
  </message>
  <message>
   <source>an odd number from %1 to %2 is expected</source>
   <translation>eine ungerade Zahl von %1 bis %2 wird erwartet</translation>
  </message>
  <message>
   <source>and %1 more</source>
   <translation>und %1 mehr</translation>
  </message>
  <message>
   <source>and how its gamut compares</source>
   <translation>und wie sein Farbumfang dazu steht</translation>
  </message>
  <message>
   <source>another</source>
   <translation>ein anderes</translation>
  </message>
  <message>
   <source>another kind</source>
   <translation>andere Art</translation>
  </message>
  <message>
   <source>another one from now on</source>
   <translation>von jetzt an ein anderes</translation>
  </message>
  <message>
   <source>another profile to compare the gamut with</source>
   <translation>ein anderes Profil, mit dem der Farbumfang verglichen wird</translation>
  </message>
  <message>
   <source>another profile was declared</source>
   <translation>ein anderes Profil wurde angemeldet</translation>
  </message>
  <message>
   <source>another program is measuring this display</source>
   <translation>ein anderes Programm misst diesen Bildschirm</translation>
  </message>
  <message>
   <source>another program of ours holds its video LUT</source>
   <translation>ein anderes unserer Programme hält seine Video-LUT</translation>
  </message>
  <message>
   <source>another workstation has brought a run of that identity</source>
   <translation>ein anderer Arbeitsplatz hat einen Lauf mit dieser Kennung gebracht</translation>
  </message>
  <message>
   <source>answers on its control channel</source>
   <translation>antwortet auf seinem Steuerkanal</translation>
  </message>
  <message>
   <source>are for --page</source>
   <translation>gehören zu --page</translation>
  </message>
  <message>
   <source>are not those of this version</source>
   <translation>sind nicht die dieser Version</translation>
  </message>
  <message>
   <source>as asked for by --fault</source>
   <translation>wie mit --fault verlangt</translation>
  </message>
  <message>
   <source>as found</source>
   <translation>wie vorgefunden</translation>
  </message>
  <message>
   <source>as it stands</source>
   <translation>wie es steht</translation>
  </message>
  <message>
   <source>as read</source>
   <translation>wie gemessen</translation>
  </message>
  <message>
   <source>as the monitor calls it</source>
   <translation>wie der Monitor ihn nennt</translation>
  </message>
  <message>
   <source>at aim's
white</source>
   <translation>beim Ziel-
Weiß</translation>
  </message>
  <message>
   <source>at equal luminance</source>
   <translation>bei gleicher Leuchtdichte</translation>
  </message>
  <message>
   <source>at least </source>
   <translation>mindestens </translation>
  </message>
  <message>
   <source>at true luminance</source>
   <translation>bei wahrer Leuchtdichte</translation>
  </message>
  <message>
   <source>back %1</source>
   <comment>back up about 3</comment>
   <translation>zurück %1</translation>
  </message>
  <message>
   <source>before</source>
   <translation>vorher</translation>
  </message>
  <message>
   <source>before, a*</source>
   <translation>vorher, a*</translation>
  </message>
  <message>
   <source>before, a* and b*</source>
   <translation>vorher, a* und b*</translation>
  </message>
  <message>
   <source>before, b*</source>
   <translation>vorher, b*</translation>
  </message>
  <message>
   <source>begin at once</source>
   <translation>sofort beginnen</translation>
  </message>
  <message>
   <source>behind</source>
   <translation>dahinter</translation>
  </message>
  <message>
   <source>beside it</source>
   <translation>daneben</translation>
  </message>
  <message>
   <source>best</source>
   <translation>beste</translation>
  </message>
  <message>
   <source>beyond a gamut</source>
   <translation>außerhalb eines Farbumfangs</translation>
  </message>
  <message>
   <source>beyond the display: %1 % · %2</source>
   <translation>nicht darstellbar: %1 % · %2</translation>
  </message>
  <message>
   <source>black</source>
   <translation>Schwarz</translation>
  </message>
  <message>
   <source>black body </source>
   <translation>Schwarzer Strahler </translation>
  </message>
  <message>
   <source>black body %1 K</source>
   <translation>Schwarzer Strahler %1 K</translation>
  </message>
  <message>
   <source>blue</source>
   <translation>Blau</translation>
  </message>
  <message>
   <source>blue (0 0 255)</source>
   <translation>Blau (0 0 255)</translation>
  </message>
  <message>
   <source>blue flower</source>
   <translation>Blütenblau</translation>
  </message>
  <message>
   <source>blue gain</source>
   <translation>Verstärkung Blau</translation>
  </message>
  <message>
   <source>blue sky</source>
   <translation>Himmelblau</translation>
  </message>
  <message>
   <source>bluish green</source>
   <translation>Blaugrün</translation>
  </message>
  <message>
   <source>bright enough</source>
   <translation>hell genug</translation>
  </message>
  <message>
   <source>brightness</source>
   <translation>Helligkeit</translation>
  </message>
  <message>
   <source>bring runs of other workstations that are in this logbook, too</source>
   <translation>auch Läufe anderer Arbeitsplätze bringen, die in diesem Logbuch sind</translation>
  </message>
  <message>
   <source>brings own runs and fetches those of others</source>
   <translation>bringt eigene Läufe und holt die der anderen</translation>
  </message>
  <message>
   <source>brings what is new, and fetches what others brought</source>
   <translation>bringt, was neu ist, und holt, was andere gebracht haben</translation>
  </message>
  <message>
   <source>build</source>
   <translation>Bauen</translation>
  </message>
  <message>
   <source>built in, its brightness can be turned</source>
   <translation>eingebaut, seine Helligkeit lässt sich stellen</translation>
  </message>
  <message>
   <source>built in, nothing to turn</source>
   <translation>eingebaut, nichts zu drehen</translation>
  </message>
  <message>
   <source>by %1</source>
   <translation>von %1</translation>
  </message>
  <message>
   <source>by %1: mean %2, worst %3</source>
   <translation>nach %1: Mittel %2, größte %3</translation>
  </message>
  <message>
   <source>by eye</source>
   <translation>nach Augenmaß</translation>
  </message>
  <message>
   <source>by eye, without a meter</source>
   <translation>nach Augenmaß, ohne Messgerät</translation>
  </message>
  <message>
   <source>by hand</source>
   <translation>von Hand</translation>
  </message>
  <message>
   <source>by what their proofs read of the same colours, nothing foretold</source>
   <translation>nach dem, was ihre Nachweise an denselben Farben maßen, nichts vorhergesagt</translation>
  </message>
  <message>
   <source>calibrate</source>
   <translation>Kalibrieren</translation>
  </message>
  <message>
   <source>calibrate the monitor's own memory, not the video LUT</source>
   <translation>den Speicher des Monitors kalibrieren, nicht die Video-LUT</translation>
  </message>
  <message>
   <source>calibrated</source>
   <translation>kalibriert</translation>
  </message>
  <message>
   <source>can be loaded</source>
   <translation>lässt sich laden</translation>
  </message>
  <message>
   <source>cannot be a correction: it turns colours inside out</source>
   <translation>kann keine Korrektur sein: Sie stülpt Farben um</translation>
  </message>
  <message>
   <source>cannot be listened on: %1</source>
   <translation>dort kann nicht gelauscht werden: %1</translation>
  </message>
  <message>
   <source>cannot be put in its place: %1</source>
   <translation>kann nicht an seinen Platz gesetzt werden: %1</translation>
  </message>
  <message>
   <source>cannot be put together: %1</source>
   <translation>kann nicht zusammengesetzt werden: %1</translation>
  </message>
  <message>
   <source>cannot be read</source>
   <translation>kann nicht gelesen werden</translation>
  </message>
  <message>
   <source>cannot be read as a picture: %1</source>
   <translation>ist als Bild nicht zu lesen: %1</translation>
  </message>
  <message>
   <source>cannot be read: %1</source>
   <translation>kann nicht gelesen werden: %1</translation>
  </message>
  <message>
   <source>cannot be removed</source>
   <translation>kann nicht entfernt werden</translation>
  </message>
  <message>
   <source>cannot be removed: %1</source>
   <translation>kann nicht entfernt werden: %1</translation>
  </message>
  <message>
   <source>cannot be taken up again: %1</source>
   <translation>kann nicht fortgesetzt werden: %1</translation>
  </message>
  <message>
   <source>cannot be written to</source>
   <translation>ist nicht zu beschreiben</translation>
  </message>
  <message>
   <source>cannot be written: %1</source>
   <translation>kann nicht geschrieben werden: %1</translation>
  </message>
  <message>
   <source>cannot be written: the disk is full</source>
   <translation>kann nicht geschrieben werden: Der Datenträger ist voll</translation>
  </message>
  <message>
   <source>cannot convert pictures: %1</source>
   <translation>kann Bilder nicht umrechnen: %1</translation>
  </message>
  <message>
   <source>cannot mix the white %1</source>
   <translation>kann das Weiß %1 nicht mischen</translation>
  </message>
  <message>
   <source>cannot tell</source>
   <translation>nicht zu sagen</translation>
  </message>
  <message>
   <source>cannot tell what it prints: %1</source>
   <translation>kann nicht sagen, was es druckt: %1</translation>
  </message>
  <message>
   <source>cannot tell with this meter</source>
   <translation>mit diesem Messgerät nicht zu sagen</translation>
  </message>
  <message>
   <source>cd/m²</source>
   <translation>cd/m²</translation>
  </message>
  <message>
   <source>cd/m² found</source>
   <translation>cd/m² gefunden</translation>
  </message>
  <message>
   <source>certificate</source>
   <translation>Zertifikat</translation>
  </message>
  <message>
   <source>certificate of the meter, for the uncertainties</source>
   <translation>Zertifikat des Messgeräts, für die Unsicherheiten</translation>
  </message>
  <message>
   <source>change of the aim</source>
   <translation>Änderung des Ziels</translation>
  </message>
  <message>
   <source>change of the panel technology</source>
   <translation>Änderung der Art des Panels</translation>
  </message>
  <message>
   <source>change of the profile in use</source>
   <translation>Wechsel des Profils in Gebrauch</translation>
  </message>
  <message>
   <source>change, %</source>
   <translation>Änderung, %</translation>
  </message>
  <message>
   <source>chart</source>
   <translation>Farbtafel</translation>
  </message>
  <message>
   <source>check</source>
   <translation>Prüfung</translation>
  </message>
  <message>
   <source>checked today</source>
   <translation>heute geprüft</translation>
  </message>
  <message>
   <source>choice of a light</source>
   <translation>Wahl eines Lichts</translation>
  </message>
  <message>
   <source>choose one in the Meter menu</source>
   <translation>wählen Sie eines im Menü Messgerät</translation>
  </message>
  <message>
   <source>choose patches while measuring for so long at most</source>
   <translation>Felder beim Messen wählen, höchstens so lange</translation>
  </message>
  <message>
   <source>choose patches while measuring, at most --chart, until this mean ΔE00 is expected</source>
   <translation>Felder beim Messen wählen, höchstens --chart, bis dieses mittlere ΔE00 zu erwarten ist</translation>
  </message>
  <message>
   <source>chromaticity, correlated colour temperature, Duv</source>
   <translation>Farbart, ähnlichste Farbtemperatur, Duv</translation>
  </message>
  <message>
   <source>code</source>
   <translation>Code</translation>
  </message>
  <message>
   <source>code value</source>
   <translation>Codewert</translation>
  </message>
  <message>
   <source>code value, %</source>
   <translation>Codewert, %</translation>
  </message>
  <message>
   <source>code values lie within 0 to 255</source>
   <translation>Codewerte liegen zwischen 0 und 255</translation>
  </message>
  <message>
   <source>code values, the brightest first; default 255,128</source>
   <translation>Codewerte, der hellste zuerst; sonst 255,128</translation>
  </message>
  <message>
   <source>colorimeter</source>
   <translation>Kolorimeter</translation>
  </message>
  <message>
   <source>colorimetric (default), or perceptual: with black point compensation, against what the profile says is shown</source>
   <translation>colorimetric (sonst) oder perceptual: mit Tiefenkompensierung, gegen das, was nach dem Profil gezeigt wird</translation>
  </message>
  <message>
   <source>colour service</source>
   <translation>Farbdienst</translation>
  </message>
  <message>
   <source>colours, mean</source>
   <translation>Farben, Mittel</translation>
  </message>
  <message>
   <source>colours: what ISO 12647-7:2016 allows a proof print; white, luminance and contrast after ISO 12646:2015; evenness after ISO 14861:2015; entered from memory</source>
   <translation>Farben: was ISO 12647-7:2016 einem Prüfdruck erlaubt; Weiß, Leuchtdichte und Kontrast nach ISO 12646:2015; Gleichmäßigkeit nach ISO 14861:2015; aus dem Gedächtnis eingetragen</translation>
  </message>
  <message>
   <source>command and its options</source>
   <translation>Befehl und seine Optionen</translation>
  </message>
  <message>
   <source>compares two runs, or two displays as they were read last: the ΔE00 predicted between them over colours, and their figures; or all displays with one another</source>
   <translation>vergleicht zwei Läufe, oder zwei Bildschirme, wie sie zuletzt gemessen wurden: das zwischen ihnen vorhergesagte ΔE00 über Farben, und ihre Kennzahlen; oder alle Bildschirme miteinander</translation>
  </message>
  <message>
   <source>computes a report's figures anew from the readings it carries; exit code 4 when one disagrees</source>
   <translation>berechnet die Kennzahlen eines Berichts neu aus den Messungen, die er enthält; Rückgabewert 4, wenn eine nicht stimmt</translation>
  </message>
  <message>
   <source>contrast</source>
   <translation>Kontrast</translation>
  </message>
  <message>
   <source>contrast %1:1</source>
   <translation>Kontrast %1:1</translation>
  </message>
  <message>
   <source>contrast per step</source>
   <translation>Kontrast je Stufe</translation>
  </message>
  <message>
   <source>control</source>
   <translation>Regler</translation>
  </message>
  <message>
   <source>cooler</source>
   <translation>kühler</translation>
  </message>
  <message>
   <source>corrected by </source>
   <translation>korrigiert durch </translation>
  </message>
  <message>
   <source>corrected for </source>
   <translation>korrigiert für </translation>
  </message>
  <message>
   <source>correction</source>
   <translation>Korrektur</translation>
  </message>
  <message>
   <source>correction file for the meter</source>
   <translation>Korrekturdatei für das Messgerät</translation>
  </message>
  <message>
   <source>correction file of the meter, applied first</source>
   <translation>Korrekturdatei des Messgeräts, zuerst angewandt</translation>
  </message>
  <message>
   <source>corrects one meter by another, on one display</source>
   <translation>korrigiert ein Messgerät nach einem anderen, an einem Bildschirm</translation>
  </message>
  <message>
   <source>d MMM</source>
   <comment>date of the last run</comment>
   <translation>d. MMM</translation>
  </message>
  <message>
   <source>dark skin</source>
   <translation>dunkle Haut</translation>
  </message>
  <message>
   <source>dark, flat, no gap</source>
   <translation>dunkel, eben, kein Spalt</translation>
  </message>
  <message>
   <source>darker</source>
   <translation>dunkler</translation>
  </message>
  <message>
   <source>darkest greys</source>
   <translation>dunkelste Grautöne</translation>
  </message>
  <message>
   <source>daylight %1 K</source>
   <translation>Tageslicht %1 K</translation>
  </message>
  <message>
   <source>days from a check to the reminder; 0: never</source>
   <translation>Tage von einer Prüfung bis zur Erinnerung; 0: nie</translation>
  </message>
  <message>
   <source>demonstration on the bench</source>
   <translation>Vorführung auf dem Prüfstand</translation>
  </message>
  <message>
   <source>description; default: the file's DISPLAY keyword</source>
   <translation>Beschreibung; sonst: was unter DISPLAY in der Datei steht</translation>
  </message>
  <message>
   <source>deviation</source>
   <translation>Abweichung</translation>
  </message>
  <message>
   <source>difference of the colours: 2000, 76, 94, cmc or itp; default: the tolerance's</source>
   <translation>Farbabstand: 2000, 76, 94, cmc oder itp; sonst: der der Toleranz</translation>
  </message>
  <message>
   <source>differs</source>
   <translation>verschieden</translation>
  </message>
  <message>
   <source>diffuser on,</source>
   <translation>Streuscheibe auf,</translation>
  </message>
  <message>
   <source>display file</source>
   <translation>Bildschirmdatei</translation>
  </message>
  <message>
   <source>display server</source>
   <translation>Display-Server</translation>
  </message>
  <message>
   <source>display's white</source>
   <translation>Weiß des Bildschirms</translation>
  </message>
  <message>
   <source>does a finished run still hold? One minute of readings against it; exit code 4 when it drifts or has to be done again</source>
   <translation>gilt ein fertiger Lauf noch? Eine Minute Messungen dagegen; Rückgabewert 4, wenn der Bildschirm wandert oder alles neu zu machen ist</translation>
  </message>
  <message>
   <source>does not answer</source>
   <translation>antwortet nicht</translation>
  </message>
  <message>
   <source>does not answer on its control channel</source>
   <translation>antwortet nicht auf seinem Steuerkanal</translation>
  </message>
  <message>
   <source>does not begin as an EDID does</source>
   <translation>beginnt nicht wie ein EDID</translation>
  </message>
  <message>
   <source>does not say what code values should look like: its tone or its primaries are the display's own</source>
   <translation>sagt nicht, wie Codewerte aussehen sollen: Tonwerte oder Primärfarben sind die eigenen des Bildschirms</translation>
  </message>
  <message>
   <source>does not ship with the bench</source>
   <translation>liegt dem Prüfstand nicht bei</translation>
  </message>
  <message>
   <source>done</source>
   <translation>fertig</translation>
  </message>
  <message>
   <source>done, with another aim</source>
   <translation>fertig, mit anderem Ziel</translation>
  </message>
  <message>
   <source>down about %1</source>
   <translation>herunter um etwa %1</translation>
  </message>
  <message>
   <source>down, %1 % less light</source>
   <translation>herunter, %1 % weniger Licht</translation>
  </message>
  <message>
   <source>drift</source>
   <translation>Drift</translation>
  </message>
  <message>
   <source>each seen by itself, the eye used to its white; default: side by side</source>
   <translation>jeder für sich gesehen, das Auge an sein Weiß gewöhnt; sonst: nebeneinander</translation>
  </message>
  <message>
   <source>end it, and start it no more</source>
   <translation>beenden und nicht mehr starten</translation>
  </message>
  <message>
   <source>equal luminance</source>
   <translation>gleiche Leuchtdichte</translation>
  </message>
  <message>
   <source>evening it out would cost %1 % of the luminance</source>
   <translation>es auszugleichen würde %1 % der Leuchtdichte kosten</translation>
  </message>
  <message>
   <source>evenness</source>
   <translation>Gleichmäßigkeit</translation>
  </message>
  <message>
   <source>evenness of light</source>
   <translation>Gleichmäßigkeit des Lichts</translation>
  </message>
  <message>
   <source>evenness, ΔE00</source>
   <translation>Gleichmäßigkeit, ΔE00</translation>
  </message>
  <message>
   <source>evenness, Δu'v'</source>
   <translation>Gleichmäßigkeit, Δu'v'</translation>
  </message>
  <message>
   <source>every</source>
   <translation>alle</translation>
  </message>
  <message>
   <source>every figure of both instead of colours</source>
   <translation>jede Kennzahl von beiden statt der Farben</translation>
  </message>
  <message>
   <source>expected for all colours %1</source>
   <translation>über alle Farben zu erwarten %1</translation>
  </message>
  <message>
   <source>exponent</source>
   <translation>Exponent</translation>
  </message>
  <message>
   <source>facing up</source>
   <translation>nach oben</translation>
  </message>
  <message>
   <source>fetch nothing of others</source>
   <translation>nichts von anderen holen</translation>
  </message>
  <message>
   <source>fields across and down; default 3x3</source>
   <translation>Felder quer und hoch; sonst 3x3</translation>
  </message>
  <message>
   <source>file for all of it, in one</source>
   <translation>Datei für alles, in einer</translation>
  </message>
  <message>
   <source>file that only you can read; default: the desktop's secret service, or .pgpass</source>
   <translation>Datei, die nur Sie lesen können; sonst: der Schlüsselbund des Desktops, oder .pgpass</translation>
  </message>
  <message>
   <source>file to write</source>
   <translation>Datei, die geschrieben wird</translation>
  </message>
  <message>
   <source>file; its ending tells the kind</source>
   <translation>Datei; ihre Endung sagt die Art</translation>
  </message>
  <message>
   <source>fine-tuned by eye</source>
   <translation>nach Augenmaß feinabgestimmt</translation>
  </message>
  <message>
   <source>fine-tuning</source>
   <translation>Feinabstimmung</translation>
  </message>
  <message>
   <source>fluorescent</source>
   <translation>Leuchtstoffröhre</translation>
  </message>
  <message>
   <source>folder for profile, readings and report</source>
   <translation>Ordner für Profil, Messungen und Bericht</translation>
  </message>
  <message>
   <source>folder for the readings</source>
   <translation>Ordner für die Messungen</translation>
  </message>
  <message>
   <source>folder of a finished run</source>
   <translation>Ordner eines fertigen Laufs</translation>
  </message>
  <message>
   <source>folder of the finished run</source>
   <translation>Ordner des fertigen Laufs</translation>
  </message>
  <message>
   <source>for %1</source>
   <translation>für %1</translation>
  </message>
  <message>
   <source>for a unit that is over its limits</source>
   <translation>für ein Exemplar über seinen Grenzen</translation>
  </message>
  <message>
   <source>found</source>
   <translation>gefunden</translation>
  </message>
  <message>
   <source>four-colours</source>
   <translation>Vier Farben</translation>
  </message>
  <message>
   <source>free text below it</source>
   <translation>freier Text darunter</translation>
  </message>
  <message>
   <source>g must be within 0.5 to 5 and s within 0 to 1</source>
   <translation>g muss zwischen 0,5 und 5 liegen und s zwischen 0 und 1</translation>
  </message>
  <message>
   <source>gamma</source>
   <translation>Gamma</translation>
  </message>
  <message>
   <source>gamma %1</source>
   <translation>Gamma %1</translation>
  </message>
  <message>
   <source>gamma (exponents and matrix), matrix (curves and matrix) or table (default)</source>
   <translation>gamma (Exponenten und Matrix), matrix (Kurven und Matrix) oder table (Tabellen, sonst)</translation>
  </message>
  <message>
   <source>gamma profile</source>
   <translation>Gammaprofil</translation>
  </message>
  <message>
   <source>gamut</source>
   <translation>Farbumfang</translation>
  </message>
  <message>
   <source>gives %1 cd/m² at this white: too little for any aim</source>
   <translation>gibt bei diesem Weiß %1 cd/m²: zu wenig für jedes Ziel</translation>
  </message>
  <message>
   <source>green</source>
   <translation>Grün</translation>
  </message>
  <message>
   <source>green (0 255 0)</source>
   <translation>Grün (0 255 0)</translation>
  </message>
  <message>
   <source>green gain</source>
   <translation>Verstärkung Grün</translation>
  </message>
  <message>
   <source>greener</source>
   <translation>grüner</translation>
  </message>
  <message>
   <source>grey %1: middle %2 cd/m², luminance %3 to %4 % of it, worst Δu'v' %5, ΔE00 mean %6, worst %7</source>
   <translation>Grau %1: Mitte %2 cd/m², Leuchtdichte %3 bis %4 % davon, größtes Δu'v' %5, ΔE00 im Mittel %6, größte %7</translation>
  </message>
  <message>
   <source>greys ΔE00</source>
   <translation>Grau ΔE00</translation>
  </message>
  <message>
   <source>greys, mean</source>
   <translation>Grautöne, Mittel</translation>
  </message>
  <message>
   <source>greys, worst</source>
   <translation>Grautöne, größtes</translation>
  </message>
  <message>
   <source>grid of </source>
   <translation>Gitter von </translation>
  </message>
  <message>
   <source>half light</source>
   <translation>halbes Licht</translation>
  </message>
  <message>
   <source>handbook</source>
   <translation>Handbuch</translation>
  </message>
  <message>
   <source>has %1 cells; the first line has %2</source>
   <translation>hat %1 Zellen; die erste Zeile hat %2</translation>
  </message>
  <message>
   <source>has a curve of another length</source>
   <translation>hat eine Kurve anderer Länge</translation>
  </message>
  <message>
   <source>has a field beside its grid</source>
   <translation>hat ein Feld außerhalb seines Rasters</translation>
  </message>
  <message>
   <source>has a reading beside its grid</source>
   <translation>hat eine Messung außerhalb seines Rasters</translation>
  </message>
  <message>
   <source>has no "%1"</source>
   <translation>hat kein „%1“</translation>
  </message>
  <message>
   <source>has no grid that can be</source>
   <translation>hat kein mögliches Raster</translation>
  </message>
  <message>
   <source>has not one level for each grey</source>
   <translation>hat nicht zu jedem Grau eine Stufe</translation>
  </message>
  <message>
   <source>header, tags, white, gamut and video LUT of a profile</source>
   <translation>Kopf, Einträge, Weiß, Farbumfang und Video-LUT eines Profils</translation>
  </message>
  <message>
   <source>held %</source>
   <translation>hält %</translation>
  </message>
  <message>
   <source>highest 10 %, mean</source>
   <translation>obere 10 %, Mittel</translation>
  </message>
  <message>
   <source>hold the display against its aim, or against srgb, adobe-rgb, display-p3, dci-p3 or rec2020, without its profile</source>
   <translation>den Bildschirm ohne sein Profil gegen sein Ziel halten (aim), oder gegen srgb, adobe-rgb, display-p3, dci-p3 oder rec2020</translation>
  </message>
  <message>
   <source>holds a row of another length</source>
   <translation>enthält eine Zeile anderer Länge</translation>
  </message>
  <message>
   <source>holds a stage %1 that this version does not know</source>
   <translation>enthält einen Abschnitt %1, den diese Version nicht kennt</translation>
  </message>
  <message>
   <source>holds characters that cannot be printed</source>
   <translation>enthält Zeichen, die sich nicht drucken lassen</translation>
  </message>
  <message>
   <source>holds keys of another version</source>
   <translation>enthält Schlüssel einer anderen Version</translation>
  </message>
  <message>
   <source>holds no finished run</source>
   <translation>enthält keinen fertigen Lauf</translation>
  </message>
  <message>
   <source>holds no limit</source>
   <translation>enthält keine Grenze</translation>
  </message>
  <message>
   <source>holds no spectra: %1 wavelengths of %2 curves</source>
   <translation>enthält keine Spektren: %1 Wellenlängen von %2 Kurven</translation>
  </message>
  <message>
   <source>holds something that is no code value</source>
   <translation>enthält etwas, das kein Codewert ist</translation>
  </message>
  <message>
   <source>holds something that is no colour</source>
   <translation>enthält etwas, das keine Farbe ist</translation>
  </message>
  <message>
   <source>holds something that is no display, or too many of them</source>
   <translation>enthält etwas, das kein Bildschirm ist, oder zu viele davon</translation>
  </message>
  <message>
   <source>holds something that is no patch</source>
   <translation>enthält etwas, das kein Feld ist</translation>
  </message>
  <message>
   <source>holds something that is no serial number</source>
   <translation>enthält etwas, das keine Seriennummer ist</translation>
  </message>
  <message>
   <source>how a figure of a display goes, over all its runs in the book</source>
   <translation>wie eine Kennzahl eines Bildschirms läuft, über alle seine Läufe im Buch</translation>
  </message>
  <message>
   <source>how far two displays show the same colours alike</source>
   <translation>wie gleich zwei Bildschirme dieselben Farben zeigen</translation>
  </message>
  <message>
   <source>how the light of each display goes, and when it will leave its limits</source>
   <translation>wie das Licht jedes Bildschirms läuft, und wann es seine Grenzen verlassen wird</translation>
  </message>
  <message>
   <source>how well a display can show a printing condition</source>
   <translation>wie gut ein Bildschirm eine Druckbedingung zeigen kann</translation>
  </message>
  <message>
   <source>id or name</source>
   <translation>Kennung oder Name</translation>
  </message>
  <message>
   <source>id or name of a display</source>
   <translation>Kennung oder Name eines Bildschirms</translation>
  </message>
  <message>
   <source>id or name, as often as there are; default: all</source>
   <translation>Kennung oder Name, so oft es welche gibt; sonst: alle</translation>
  </message>
  <message>
   <source>illuminance on the screen that the profile accounts for</source>
   <translation>Beleuchtungsstärke auf dem Schirm, mit der das Profil rechnet</translation>
  </message>
  <message>
   <source>in the check</source>
   <translation>in der Prüfung</translation>
  </message>
  <message>
   <source>in the program</source>
   <translation>im Programm</translation>
  </message>
  <message>
   <source>in the proof</source>
   <translation>im Nachweis</translation>
  </message>
  <message>
   <source>in use</source>
   <translation>in Gebrauch</translation>
  </message>
  <message>
   <source>input, %</source>
   <translation>Eingang, %</translation>
  </message>
  <message>
   <source>install</source>
   <translation>Installieren</translation>
  </message>
  <message>
   <source>install the profile even where the readings do not fit it</source>
   <translation>das Profil auch installieren, wenn die Messungen nicht dazu passen</translation>
  </message>
  <message>
   <source>is "%1", not "%2"</source>
   <translation>ist „%1“, nicht „%2“</translation>
  </message>
  <message>
   <source>is "%1"; it must be one of: %2</source>
   <translation>ist „%1“; es muss eines sein von: %2</translation>
  </message>
  <message>
   <source>is %1; a number is expected</source>
   <translation>ist %1; eine Zahl wird erwartet</translation>
  </message>
  <message>
   <source>is %1; a whole number is expected</source>
   <translation>ist %1; eine ganze Zahl wird erwartet</translation>
  </message>
  <message>
   <source>is %1; it must be %2</source>
   <translation>ist %1; es muss %2 sein</translation>
  </message>
  <message>
   <source>is %1; it must be within 0 to %2</source>
   <translation>ist %1; es muss zwischen 0 und %2 liegen</translation>
  </message>
  <message>
   <source>is 0; it must be above 0</source>
   <translation>ist 0; es muss über 0 liegen</translation>
  </message>
  <message>
   <source>is 1; a table has 0 or 2 to 9 points a side</source>
   <translation>ist 1; eine Tabelle hat 0 oder 2 bis 9 Punkte je Seite</translation>
  </message>
  <message>
   <source>is a folder; a file is expected</source>
   <translation>ist ein Ordner; eine Datei wird erwartet</translation>
  </message>
  <message>
   <source>is empty</source>
   <translation>ist leer</translation>
  </message>
  <message>
   <source>is for simulated displays</source>
   <translation>ist für simulierte Bildschirme</translation>
  </message>
  <message>
   <source>is larger than 64 MB</source>
   <translation>ist größer als 64 MB</translation>
  </message>
  <message>
   <source>is missing</source>
   <translation>fehlt</translation>
  </message>
  <message>
   <source>is missing or not what a report holds there</source>
   <translation>fehlt oder ist nicht, was ein Bericht dort enthält</translation>
  </message>
  <message>
   <source>is needed for this</source>
   <translation>wird dafür gebraucht</translation>
  </message>
  <message>
   <source>is neither true nor false</source>
   <translation>ist weder true noch false</translation>
  </message>
  <message>
   <source>is no chromaticity: y must be above 0 and x + y at most 1</source>
   <translation>ist kein Farbort: y muss über 0 liegen und x + y höchstens 1 sein</translation>
  </message>
  <message>
   <source>is no device that was paired</source>
   <translation>ist kein gekoppeltes Gerät</translation>
  </message>
  <message>
   <source>is no list</source>
   <translation>ist keine Liste</translation>
  </message>
  <message>
   <source>is no list of %1</source>
   <translation>ist keine Liste von %1</translation>
  </message>
  <message>
   <source>is no list of %1 numbers</source>
   <translation>ist keine Liste von %1 Zahlen</translation>
  </message>
  <message>
   <source>is no list, or stray no object</source>
   <translation>ist keine Liste, oder stray kein Objekt</translation>
  </message>
  <message>
   <source>is no number</source>
   <translation>ist keine Zahl</translation>
  </message>
  <message>
   <source>is no object</source>
   <translation>ist kein Objekt</translation>
  </message>
  <message>
   <source>is no option of this program</source>
   <translation>ist keine Option dieses Programms</translation>
  </message>
  <message>
   <source>is no picture that reports take</source>
   <translation>ist kein Bild, das Berichte nehmen</translation>
  </message>
  <message>
   <source>is no profile of a print</source>
   <translation>ist kein Profil eines Drucks</translation>
  </message>
  <message>
   <source>is no text</source>
   <translation>ist kein Text</translation>
  </message>
  <message>
   <source>is no time</source>
   <translation>ist keine Zeit</translation>
  </message>
  <message>
   <source>is no whole number in range</source>
   <translation>ist keine ganze Zahl im Bereich</translation>
  </message>
  <message>
   <source>is not %1</source>
   <translation>ist nicht %1</translation>
  </message>
  <message>
   <source>is not a key known here</source>
   <translation>ist hier kein bekannter Schlüssel</translation>
  </message>
  <message>
   <source>is not a list</source>
   <translation>ist keine Liste</translation>
  </message>
  <message>
   <source>is not known</source>
   <translation>ist nicht bekannt</translation>
  </message>
  <message>
   <source>is not the list that belongs there</source>
   <translation>ist nicht die Liste, die dort hingehört</translation>
  </message>
  <message>
   <source>is not there</source>
   <translation>ist nicht da</translation>
  </message>
  <message>
   <source>is not what belongs there</source>
   <translation>ist nicht, was dorthin gehört</translation>
  </message>
  <message>
   <source>is of no kind that diagrams are saved as: .%1</source>
   <translation>ist von keiner Art, in der Diagramme gespeichert werden: .%1</translation>
  </message>
  <message>
   <source>is of no kind that reports are written as: .%1</source>
   <translation>ist von keiner Art, in der Berichte geschrieben werden: .%1</translation>
  </message>
  <message>
   <source>is outside %1 to %2 K</source>
   <translation>liegt außerhalb von %1 bis %2 K</translation>
  </message>
  <message>
   <source>is the simulated displays' own</source>
   <translation>gehört zu den simulierten Bildschirmen</translation>
  </message>
  <message>
   <source>is too large for a logo</source>
   <translation>ist zu groß für ein Logo</translation>
  </message>
  <message>
   <source>is true, and a built-in panel has no gains</source>
   <translation>ist wahr, und ein eingebautes Panel hat keine Verstärkungen</translation>
  </message>
  <message>
   <source>is under way</source>
   <translation>läuft gerade</translation>
  </message>
  <message>
   <source>it cannot be removed</source>
   <translation>es kann nicht entfernt werden</translation>
  </message>
  <message>
   <source>it does not see this screen: white and black read alike</source>
   <translation>es sieht diesen Schirm nicht: Weiß und Schwarz messen gleich</translation>
  </message>
  <message>
   <source>it ended with code %1</source>
   <translation>es endete mit Code %1</translation>
  </message>
  <message>
   <source>it gives %1 cd/m² at the aimed white, %2 are wanted</source>
   <translation>er gibt beim verlangten Weiß %1 cd/m², verlangt sind %2</translation>
  </message>
  <message>
   <source>it has no diffuser</source>
   <translation>es hat keine Streuscheibe</translation>
  </message>
  <message>
   <source>it has no identity</source>
   <translation>er hat keine Kennung</translation>
  </message>
  <message>
   <source>it has no pixels</source>
   <translation>es hat keine Pixel</translation>
  </message>
  <message>
   <source>it is a simulated meter and there is no bench here</source>
   <translation>es ist ein simuliertes Messgerät, und hier ist kein Prüfstand</translation>
  </message>
  <message>
   <source>it is here already and not the same; what is here stays</source>
   <translation>er ist schon hier und nicht derselbe; was hier ist, bleibt</translation>
  </message>
  <message>
   <source>it is not installed here</source>
   <translation>es ist hier nicht installiert</translation>
  </message>
  <message>
   <source>it is not said which: give --url or --logbook</source>
   <translation>es ist nicht gesagt, welches: Geben Sie --url oder --logbook an</translation>
  </message>
  <message>
   <source>it is outside its limits now</source>
   <translation>jetzt außerhalb seiner Grenzen</translation>
  </message>
  <message>
   <source>it jumped once: a control, a mode or the meter's place</source>
   <translation>einmal gesprungen: ein Regler, ein Modus oder der Ort des Messgeräts</translation>
  </message>
  <message>
   <source>it jumped once: a control, a mode, the meter's place</source>
   <translation>es ist einmal gesprungen: ein Regler, ein Modus, der Ort des Messgeräts</translation>
  </message>
  <message>
   <source>it names no database</source>
   <translation>sie nennt keine Datenbank</translation>
  </message>
  <message>
   <source>it says to be another run</source>
   <translation>es gibt an, ein anderer Lauf zu sein</translation>
  </message>
  <message>
   <source>it stays within its limits as far as can be told</source>
   <translation>bleibt innerhalb seiner Grenzen, so weit zu sehen ist</translation>
  </message>
  <message>
   <source>it takes two to share an aim</source>
   <translation>zum Teilen eines Ziels gehören zwei</translation>
  </message>
  <message>
   <source>it was moved while its place was being searched</source>
   <translation>es wurde bewegt, während sein Ort gesucht wurde</translation>
  </message>
  <message>
   <source>its %1 cannot be read any more</source>
   <translation>sein Regler „%1“ ist nicht mehr zu lesen</translation>
  </message>
  <message>
   <source>its %1 cannot be set: %2</source>
   <translation>sein Regler „%1“ lässt sich nicht stellen: %2</translation>
  </message>
  <message>
   <source>its channels span no colour</source>
   <translation>seine Kanäle spannen keine Farbe auf</translation>
  </message>
  <message>
   <source>its checksum is wrong</source>
   <translation>seine Prüfsumme ist falsch</translation>
  </message>
  <message>
   <source>its colours do not add up (ΔE00 %1 in the mean): something inside works on them, which profiles describe badly</source>
   <translation>seine Farben gehen nicht auf (ΔE00 %1 im Mittel): Etwas im Innern arbeitet an ihnen, was Profile schlecht beschreiben</translation>
  </message>
  <message>
   <source>its contrast is %1:1, %2:1 is wanted</source>
   <translation>sein Kontrast ist %1:1, verlangt ist %2:1</translation>
  </message>
  <message>
   <source>its controls cannot be reached</source>
   <translation>seine Regler sind nicht zu erreichen</translation>
  </message>
  <message>
   <source>its driver did not answer and was stopped</source>
   <translation>sein Treiber antwortete nicht und wurde beendet</translation>
  </message>
  <message>
   <source>its driver does not speak version 1 of the protocol</source>
   <translation>sein Treiber spricht nicht Version 1 des Protokolls</translation>
  </message>
  <message>
   <source>its driver sent "%1"</source>
   <translation>sein Treiber sandte „%1“</translation>
  </message>
  <message>
   <source>its driver sent a line without end</source>
   <translation>sein Treiber sandte eine Zeile ohne Ende</translation>
  </message>
  <message>
   <source>its exponent is %1, the aim's %2: bending it costs levels</source>
   <translation>sein Exponent ist %1, der des Ziels %2: Ihn zu biegen kostet Stufen</translation>
  </message>
  <message>
   <source>its gamut is %1 % of the widest mode's</source>
   <translation>sein Farbumfang ist %1 % von dem des weitesten Modus</translation>
  </message>
  <message>
   <source>its kind is another than its setup says</source>
   <translation>seine Art ist eine andere, als seine Angaben sagen</translation>
  </message>
  <message>
   <source>its light fell by %1 %</source>
   <translation>sein Licht fiel um %1 %</translation>
  </message>
  <message>
   <source>its light rose by %1 %</source>
   <translation>sein Licht stieg um %1 %</translation>
  </message>
  <message>
   <source>its lock %1 cannot be understood</source>
   <translation>seine Sperre %1 ist nicht zu verstehen</translation>
  </message>
  <message>
   <source>its own row is missing; readings of it that are left: %1</source>
   <translation>seine eigene Zeile fehlt; übrige Messungen: %1</translation>
  </message>
  <message>
   <source>its primaries cannot mix its white</source>
   <translation>seine Primärfarben können sein Weiß nicht mischen</translation>
  </message>
  <message>
   <source>its primaries lie so far beyond the panel's that these cannot mix its white</source>
   <translation>seine Primärfarben liegen so weit außerhalb derer des Panels, dass diese sein Weiß nicht mischen können</translation>
  </message>
  <message>
   <source>its profile is in use</source>
   <translation>sein Profil ist in Gebrauch</translation>
  </message>
  <message>
   <source>its profile was withdrawn</source>
   <translation>sein Profil wurde abgemeldet</translation>
  </message>
  <message>
   <source>its range, 8 of 10</source>
   <translation>ihre Spanne, 8 von 10</translation>
  </message>
  <message>
   <source>its run has no profile to check against</source>
   <translation>sein Lauf hat kein Profil, gegen das zu prüfen wäre</translation>
  </message>
  <message>
   <source>its setting %1 has a value that cannot be used</source>
   <translation>seine Einstellung %1 hat einen Wert, der nicht zu gebrauchen ist</translation>
  </message>
  <message>
   <source>its setting %1 is not known</source>
   <translation>seine Einstellung %1 ist nicht bekannt</translation>
  </message>
  <message>
   <source>its temperature, and how green it is</source>
   <translation>seine Temperatur, und wie grün es ist</translation>
  </message>
  <message>
   <source>its version %1 is too old to be rescued</source>
   <translation>seine Version %1 ist zu alt, um gerettet zu werden</translation>
  </message>
  <message>
   <source>its video LUT cannot be loaded</source>
   <translation>seine Video-LUT lässt sich nicht laden</translation>
  </message>
  <message>
   <source>its video LUT cannot be read</source>
   <translation>seine Video-LUT lässt sich nicht lesen</translation>
  </message>
  <message>
   <source>its video LUT or slot table falls somewhere</source>
   <translation>seine Video-LUT oder Speichertabelle fällt irgendwo</translation>
  </message>
  <message>
   <source>its video LUT was changed</source>
   <translation>seine Video-LUT wurde geändert</translation>
  </message>
  <message>
   <source>its white is Δu'v' %1 from the aim</source>
   <translation>sein Weiß liegt Δu'v' %1 vom Ziel</translation>
  </message>
  <message>
   <source>just one of --cct, --daylight, --xy and --uv is expected</source>
   <translation>genau eines von --cct, --daylight, --xy und --uv wird erwartet</translation>
  </message>
  <message>
   <source>keeper</source>
   <translation>Wächter</translation>
  </message>
  <message>
   <source>keeper at login</source>
   <translation>Wächter beim Anmelden</translation>
  </message>
  <message>
   <source>keeping of a light</source>
   <translation>Behalten eines Lichts</translation>
  </message>
  <message>
   <source>keeps profiles in force from every login on</source>
   <translation>hält Profile von jeder Anmeldung an in Kraft</translation>
  </message>
  <message>
   <source>kelvin of a CIE daylight, 4000 to 25000</source>
   <translation>Kelvin eines CIE-Tageslichts, 4000 bis 25000</translation>
  </message>
  <message>
   <source>kelvin of a blackbody, 1000 to 25000</source>
   <translation>Kelvin eines schwarzen Strahlers, 1000 bis 25000</translation>
  </message>
  <message>
   <source>lacks the value %1</source>
   <translation>der Wert %1 fehlt</translation>
  </message>
  <message>
   <source>lantern40 (default), lantern72, chart24, skin, greys:COUNT, primaries, sweeps, random:COUNT:SEED, or a CGATS, CxF3 or CSV list</source>
   <translation>lantern40 (sonst), lantern72, chart24, skin, greys:ANZAHL, primaries, sweeps, random:ANZAHL:START, oder eine Liste als CGATS, CxF3 oder CSV</translation>
  </message>
  <message>
   <source>larger than 32 MB</source>
   <translation>größer als 32 MB</translation>
  </message>
  <message>
   <source>last time</source>
   <translation>letztes Mal</translation>
  </message>
  <message>
   <source>least</source>
   <translation>kleinstes</translation>
  </message>
  <message>
   <source>least speaks against it: %1</source>
   <translation>am wenigsten spricht dagegen: %1</translation>
  </message>
  <message>
   <source>leave</source>
   <translation>lassen</translation>
  </message>
  <message>
   <source>leave the monitor's controls alone</source>
   <translation>die Regler des Monitors in Ruhe lassen</translation>
  </message>
  <message>
   <source>left out</source>
   <translation>ausgelassen</translation>
  </message>
  <message>
   <source>lent by the compositor</source>
   <translation>vom Compositor geliehen</translation>
  </message>
  <message>
   <source>lets a logbook go with the book from now on</source>
   <translation>lässt ein Logbuch von jetzt an mit dem Buch gehen</translation>
  </message>
  <message>
   <source>lets a workstation in; prints its password once</source>
   <translation>lässt einen Arbeitsplatz ein; zeigt sein Passwort einmal</translation>
  </message>
  <message>
   <source>lets it go with none any more</source>
   <translation>lässt es mit keinem mehr gehen</translation>
  </message>
  <message>
   <source>lies before the date of issue</source>
   <translation>liegt vor dem Ausstellungsdatum</translation>
  </message>
  <message>
   <source>light</source>
   <translation>Licht</translation>
  </message>
  <message>
   <source>light sensor</source>
   <translation>Lichtsensor</translation>
  </message>
  <message>
   <source>light skin</source>
   <translation>helle Haut</translation>
  </message>
  <message>
   <source>lighter</source>
   <translation>heller</translation>
  </message>
  <message>
   <source>lightest greys</source>
   <translation>hellste Grautöne</translation>
  </message>
  <message>
   <source>lightness of the paper</source>
   <translation>Helligkeit des Papiers</translation>
  </message>
  <message>
   <source>limit</source>
   <translation>Grenze</translation>
  </message>
  <message>
   <source>limit %1: %2</source>
   <translation>Grenze %1: %2</translation>
  </message>
  <message>
   <source>limits</source>
   <translation>Grenzen</translation>
  </message>
  <message>
   <source>logbook's disk</source>
   <translation>Datenträger des Logbuchs</translation>
  </message>
  <message>
   <source>long (default), or short: one page for a client</source>
   <translation>long (sonst) oder short: eine Seite für Kunden</translation>
  </message>
  <message>
   <source>lowest 90 %, mean</source>
   <translation>untere 90 %, Mittel</translation>
  </message>
  <message>
   <source>luminance</source>
   <translation>Leuchtdichte</translation>
  </message>
  <message>
   <source>machine-readable output, see docs/schema</source>
   <translation>Ausgabe für Programme, siehe docs/schema</translation>
  </message>
  <message>
   <source>made %1</source>
   <translation>gemacht %1</translation>
  </message>
  <message>
   <source>made at an unknown time</source>
   <translation>gemacht zu unbekannter Zeit</translation>
  </message>
  <message>
   <source>make that new logbook of what a damaged one still holds</source>
   <translation>dieses neue Logbuch aus dem machen, was ein beschädigtes noch enthält</translation>
  </message>
  <message>
   <source>makes a shared book for a house</source>
   <translation>legt ein gemeinsames Buch für ein Haus an</translation>
  </message>
  <message>
   <source>makes the book on a server that exists, by somebody who may</source>
   <translation>legt das Buch auf einem vorhandenen Server an, durch jemanden, der das darf</translation>
  </message>
  <message>
   <source>matrix profile</source>
   <translation>Matrixprofil</translation>
  </message>
  <message>
   <source>mean</source>
   <translation>Mittel</translation>
  </message>
  <message>
   <source>mean %1</source>
   <translation>Mittel %1</translation>
  </message>
  <message>
   <source>mean %1 dE00 when last proved</source>
   <translation>Mittel %1 dE00 beim letzten Nachweis</translation>
  </message>
  <message>
   <source>mean %1, median %2, 95 % %3, worst %4 ΔE00</source>
   <translation>Mittel %1, Median %2, 95 % %3, größte %4 ΔE00</translation>
  </message>
  <message>
   <source>mean difference ΔE00 %1, largest %2</source>
   <translation>mittlerer Unterschied ΔE00 %1, größter %2</translation>
  </message>
  <message>
   <source>mean drifts</source>
   <translation>Mittel: wandert</translation>
  </message>
  <message>
   <source>mean holds</source>
   <translation>Mittel: gilt</translation>
  </message>
  <message>
   <source>mean ΔE00</source>
   <translation>ΔE00 im Mittel</translation>
  </message>
  <message>
   <source>measure</source>
   <translation>Messen</translation>
  </message>
  <message>
   <source>measured white</source>
   <translation>gemessenes Weiß</translation>
  </message>
  <message>
   <source>median</source>
   <translation>Median</translation>
  </message>
  <message>
   <source>meter correction; default: the display's own</source>
   <translation>Korrektur des Messgeräts; sonst: die des Bildschirms</translation>
  </message>
  <message>
   <source>meter fault</source>
   <translation>Fehler des Messgeräts</translation>
  </message>
  <message>
   <source>meter, certificate, note</source>
   <translation>Messgerät, Zertifikat, Notiz</translation>
  </message>
  <message>
   <source>moderate red</source>
   <translation>mäßiges Rot</translation>
  </message>
  <message>
   <source>more than 100,000 colours</source>
   <translation>mehr als 100.000 Farben</translation>
  </message>
  <message>
   <source>more than 2 million values</source>
   <translation>mehr als 2 Millionen Werte</translation>
  </message>
  <message>
   <source>most</source>
   <translation>größtes</translation>
  </message>
  <message>
   <source>must be a list of %1 numbers</source>
   <translation>muss eine Liste von %1 Zahlen sein</translation>
  </message>
  <message>
   <source>must be a list of 1 to 32 modes</source>
   <translation>muss eine Liste von 1 bis 32 Modi sein</translation>
  </message>
  <message>
   <source>must be a list of 1 to 64 peaks</source>
   <translation>muss eine Liste von 1 bis 64 Gipfeln sein</translation>
  </message>
  <message>
   <source>must be a text in quotes</source>
   <translation>muss ein Text in Anführungszeichen sein</translation>
  </message>
  <message>
   <source>must be above 0</source>
   <translation>muss über 0 liegen</translation>
  </message>
  <message>
   <source>must be code values from 255 to 32, each once, the brightest first and 128 at least</source>
   <translation>müssen Codewerte von 255 bis 32 sein, jeder einmal, der hellste zuerst und mindestens 128</translation>
  </message>
  <message>
   <source>must be three rows of three numbers</source>
   <translation>müssen drei Zeilen mit drei Zahlen sein</translation>
  </message>
  <message>
   <source>must be true or false</source>
   <translation>muss true oder false sein</translation>
  </message>
  <message>
   <source>must have 1 to 200 characters</source>
   <translation>muss 1 bis 200 Zeichen haben</translation>
  </message>
  <message>
   <source>must not fall anywhere</source>
   <translation>darf nirgends fallen</translation>
  </message>
  <message>
   <source>name of an output, see displays</source>
   <translation>Name eines Ausgangs, siehe displays</translation>
  </message>
  <message>
   <source>name of an output, see displays: on the real display</source>
   <translation>Name eines Ausgangs, siehe displays: auf dem echten Bildschirm</translation>
  </message>
  <message>
   <source>name of the meter, with --spectra</source>
   <translation>Name des Messgeräts, mit --spectra</translation>
  </message>
  <message>
   <source>name of who reports</source>
   <translation>Name dessen, der berichtet</translation>
  </message>
  <message>
   <source>name, such as “beside the booth”</source>
   <translation>Name, etwa „neben der Kabine“</translation>
  </message>
  <message>
   <source>name, such as “evening”</source>
   <translation>Name, etwa „Abend“</translation>
  </message>
  <message>
   <source>name, such as “proofs”</source>
   <translation>Name, etwa „Proofs“</translation>
  </message>
  <message>
   <source>native</source>
   <translation>nativ</translation>
  </message>
  <message>
   <source>native black</source>
   <translation>natives Schwarz</translation>
  </message>
  <message>
   <source>native luminance</source>
   <translation>native Leuchtdichte</translation>
  </message>
  <message>
   <source>native tone</source>
   <translation>native Tonwerte</translation>
  </message>
  <message>
   <source>native tone curve used before it was measured</source>
   <translation>native Tonwertkurve verwendet, ehe sie gemessen war</translation>
  </message>
  <message>
   <source>native white</source>
   <translation>natives Weiß</translation>
  </message>
  <message>
   <source>near a limit: another check might say otherwise</source>
   <translation>nahe an einer Grenze: eine weitere Prüfung könnte anders ausgehen</translation>
  </message>
  <message>
   <source>needs one of the keys daylight, blackbody, xy, uv, or is "native"</source>
   <translation>braucht einen der Schlüssel daylight, blackbody, xy, uv, oder ist „native“</translation>
  </message>
  <message>
   <source>needs you</source>
   <translation>braucht Sie</translation>
  </message>
  <message>
   <source>nested deeper than %1 levels</source>
   <translation>tiefer als %1 Ebenen verschachtelt</translation>
  </message>
  <message>
   <source>neutral 3.5</source>
   <translation>Neutral 3,5</translation>
  </message>
  <message>
   <source>neutral 5</source>
   <translation>Neutral 5</translation>
  </message>
  <message>
   <source>neutral 6.5</source>
   <translation>Neutral 6,5</translation>
  </message>
  <message>
   <source>neutral 8</source>
   <translation>Neutral 8</translation>
  </message>
  <message>
   <source>never</source>
   <translation>nie</translation>
  </message>
  <message>
   <source>never measured</source>
   <translation>nie gemessen</translation>
  </message>
  <message>
   <source>never read</source>
   <translation>nie gemessen</translation>
  </message>
  <message>
   <source>next</source>
   <translation>als Nächster</translation>
  </message>
  <message>
   <source>night light</source>
   <translation>Nachtlicht</translation>
  </message>
  <message>
   <source>no</source>
   <translation>nein</translation>
  </message>
  <message>
   <source>no X server or Wayland compositor with an active output answers</source>
   <translation>kein X-Server oder Wayland-Compositor mit einem aktiven Ausgang antwortet</translation>
  </message>
  <message>
   <source>no bare paper (all inks 0) among the data</source>
   <translation>kein bloßes Papier (alle Farben 0) in den Daten</translation>
  </message>
  <message>
   <source>no colours found</source>
   <translation>keine Farben gefunden</translation>
  </message>
  <message>
   <source>no colours were proved in this run</source>
   <translation>in diesem Lauf wurden keine Farben nachgewiesen</translation>
  </message>
  <message>
   <source>no display is connected there</source>
   <translation>dort ist kein Bildschirm angeschlossen</translation>
  </message>
  <message>
   <source>no display of that id or name is in the book</source>
   <translation>kein Bildschirm dieser Kennung oder dieses Namens ist im Buch</translation>
  </message>
  <message>
   <source>no display of that id or name is in the logbook</source>
   <translation>kein Bildschirm dieser Kennung oder dieses Namens ist im Logbuch</translation>
  </message>
  <message>
   <source>no finished run tells what it shows</source>
   <translation>kein fertiger Lauf sagt, was er zeigt</translation>
  </message>
  <message>
   <source>no limit is known</source>
   <translation>keine Grenze ist bekannt</translation>
  </message>
  <message>
   <source>no limit is set for it</source>
   <translation>dafür ist keine Grenze gesetzt</translation>
  </message>
  <message>
   <source>no list of colours was recognised</source>
   <translation>keine Farbliste erkannt</translation>
  </message>
  <message>
   <source>no mixture of its red, green and blue has the chromaticity asked for</source>
   <translation>keine Mischung seiner Primärfarben hat den verlangten Farbort</translation>
  </message>
  <message>
   <source>no other profile of this display is known</source>
   <translation>kein anderes Profil dieses Bildschirms ist bekannt</translation>
  </message>
  <message>
   <source>no profile is in use on %1</source>
   <translation>auf %1 ist kein Profil in Gebrauch</translation>
  </message>
  <message>
   <source>no profile is in use on it</source>
   <translation>darauf ist kein Profil in Gebrauch</translation>
  </message>
  <message>
   <source>no profile, and no video LUT</source>
   <translation>kein Profil und keine Video-LUT</translation>
  </message>
  <message>
   <source>no reading of %1</source>
   <translation>keine Messung von %1</translation>
  </message>
  <message>
   <source>no reading of black (RGB 0 0 0)</source>
   <translation>keine Messung von Schwarz (RGB 0 0 0)</translation>
  </message>
  <message>
   <source>no reading of white (RGB 255 255 255)</source>
   <translation>keine Messung von Weiß (RGB 255 255 255)</translation>
  </message>
  <message>
   <source>no reading yet</source>
   <translation>noch keine Messung</translation>
  </message>
  <message>
   <source>no reminder</source>
   <translation>keine Erinnerung</translation>
  </message>
  <message>
   <source>no such figure is followed</source>
   <translation>keine solche Zahl wird verfolgt</translation>
  </message>
  <message>
   <source>nobody has read yet what it can do</source>
   <translation>noch hat niemand gemessen, was er kann</translation>
  </message>
  <message>
   <source>nobody waits</source>
   <translation>niemand wartet</translation>
  </message>
  <message>
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <source>none has been proved within its limits</source>
   <translation>keiner ist innerhalb seiner Grenzen nachgewiesen</translation>
  </message>
  <message>
   <source>none is declared</source>
   <translation>keines ist angemeldet</translation>
  </message>
  <message>
   <source>none is loaded</source>
   <translation>keine ist geladen</translation>
  </message>
  <message>
   <source>none: each that was proved is within its limits after a calibration</source>
   <translation>keiner: Jeder, der nachgewiesen wurde, liegt nach einer Kalibrierung in seinen Grenzen</translation>
  </message>
  <message>
   <source>not connected</source>
   <translation>nicht angeschlossen</translation>
  </message>
  <message>
   <source>not found</source>
   <translation>nicht gefunden</translation>
  </message>
  <message>
   <source>not judged</source>
   <translation>nicht beurteilt</translation>
  </message>
  <message>
   <source>not read</source>
   <translation>nicht gemessen</translation>
  </message>
  <message>
   <source>not read yet</source>
   <translation>noch nicht gemessen</translation>
  </message>
  <message>
   <source>not there</source>
   <translation>nicht da</translation>
  </message>
  <message>
   <source>not usable JSON: %1</source>
   <translation>kein brauchbares JSON: %1</translation>
  </message>
  <message>
   <source>not valid JSON</source>
   <translation>kein gültiges JSON</translation>
  </message>
  <message>
   <source>not valid XML: %1</source>
   <translation>kein gültiges XML: %1</translation>
  </message>
  <message>
   <source>not visible</source>
   <translation>unsichtbar</translation>
  </message>
  <message>
   <source>not yet</source>
   <translation>noch nicht</translation>
  </message>
  <message>
   <source>note on a run</source>
   <translation>Notiz zu einem Lauf</translation>
  </message>
  <message>
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <source>nothing is expected after %1</source>
   <translation>nach %1 wird nichts erwartet</translation>
  </message>
  <message>
   <source>nothing is in front of it</source>
   <translation>davor ist nichts</translation>
  </message>
  <message>
   <source>nothing of a logbook can be read from it</source>
   <translation>nichts von einem Logbuch ist daraus zu lesen</translation>
  </message>
  <message>
   <source>nothing speaks against it</source>
   <translation>nichts spricht dagegen</translation>
  </message>
  <message>
   <source>nothing to make it from</source>
   <translation>nichts, woraus es zu machen wäre</translation>
  </message>
  <message>
   <source>nothing was measured in it through a profile</source>
   <translation>darin wurde nichts durch ein Profil gemessen</translation>
  </message>
  <message>
   <source>now</source>
   <translation>jetzt</translation>
  </message>
  <message>
   <source>now, a*</source>
   <translation>jetzt, a*</translation>
  </message>
  <message>
   <source>now, b*</source>
   <translation>jetzt, b*</translation>
  </message>
  <message>
   <source>number of a removed run that is to come back</source>
   <translation>Nummer eines entfernten Laufs, der zurückkommen soll</translation>
  </message>
  <message>
   <source>number of a run that no list is to show</source>
   <translation>Nummer eines Laufs, den keine Liste zeigen soll</translation>
  </message>
  <message>
   <source>number of a run, or id or name of a display</source>
   <translation>Nummer eines Laufs, oder Kennung oder Name eines Bildschirms</translation>
  </message>
  <message>
   <source>number of patches, 24 to 12000 (default 96), or a CGATS, CxF3 or CSV list</source>
   <translation>Anzahl der Felder, 24 bis 12000 (sonst 96), oder eine Liste als CGATS, CxF3 oder CSV</translation>
  </message>
  <message>
   <source>number of that run</source>
   <translation>Nummer dieses Laufs</translation>
  </message>
  <message>
   <source>number of the run in it; default: the newest finished one</source>
   <translation>Nummer des Laufs darin; sonst: der neueste fertige</translation>
  </message>
  <message>
   <source>obvious</source>
   <translation>deutlich</translation>
  </message>
  <message>
   <source>odd readings left out: %1</source>
   <translation>ausgelassene Ausreißer: %1</translation>
  </message>
  <message>
   <source>of %1</source>
   <translation>von %1</translation>
  </message>
  <message>
   <source>of --trend: luminance, white, contrast, tone, grey-mean, grey-worst, colour-mean, colour-95, colour-worst, black, p3, even-light, even-tint or even-colour; default luminance</source>
   <translation>von --trend: luminance, white, contrast, tone, grey-mean, grey-worst, colour-mean, colour-95, colour-worst, black, p3, even-light, even-tint oder even-colour; sonst luminance</translation>
  </message>
  <message>
   <source>of a picture…</source>
   <translation>eines Bildes…</translation>
  </message>
  <message>
   <source>of another hue</source>
   <translation>von anderem Farbton</translation>
  </message>
  <message>
   <source>of it out of gamut</source>
   <translation>davon außerhalb des Farbumfangs</translation>
  </message>
  <message>
   <source>of ours</source>
   <translation>von uns</translation>
  </message>
  <message>
   <source>of the bench: reference (default) or colorimeter; or driver:PROGRAM, command:PROGRAM that prints X Y Z, or hand: numbers on standard input</source>
   <translation>des Prüfstands: reference (sonst) oder colorimeter; oder driver:PROGRAMM, command:PROGRAMM, das X Y Z ausgibt, oder hand: Zahlen auf der Standardeingabe</translation>
  </message>
  <message>
   <source>of the bench: reference (default) or colorimeter; with --output driver:PROGRAM, command:PROGRAM or hand</source>
   <translation>des Prüfstands: reference (sonst) oder colorimeter; mit --output driver:PROGRAMM, command:PROGRAMM oder hand</translation>
  </message>
  <message>
   <source>of the display, to place Lab colours; default: as sRGB</source>
   <translation>des Bildschirms, um Lab-Farben zu platzieren; sonst: wie sRGB</translation>
  </message>
  <message>
   <source>of the meter's noise; default 1</source>
   <translation>des Rauschens des Messgeräts; sonst 1</translation>
  </message>
  <message>
   <source>of the meter's noise; default 2</source>
   <translation>des Rauschens des Messgeräts; sonst 2</translation>
  </message>
  <message>
   <source>of the panel</source>
   <translation>des Panels</translation>
  </message>
  <message>
   <source>of the screen, default 0.012</source>
   <translation>des Schirms, sonst 0,012</translation>
  </message>
  <message>
   <source>of the workstation</source>
   <translation>des Arbeitsplatzes</translation>
  </message>
  <message>
   <source>of white in cd/m², for the time</source>
   <translation>von Weiß in cd/m², für die Dauer</translation>
  </message>
  <message>
   <source>on now</source>
   <translation>jetzt an</translation>
  </message>
  <message>
   <source>on paper: %1</source>
   <translation>auf Papier: %1</translation>
  </message>
  <message>
   <source>on paper…</source>
   <translation>auf Papier…</translation>
  </message>
  <message>
   <source>on the bench</source>
   <translation>auf dem Prüfstand</translation>
  </message>
  <message>
   <source>on the monitor</source>
   <translation>am Monitor</translation>
  </message>
  <message>
   <source>one is declared</source>
   <translation>eines ist angemeldet</translation>
  </message>
  <message>
   <source>one is loaded</source>
   <translation>eine ist geladen</translation>
  </message>
  <message>
   <source>one of %1 is missing</source>
   <translation>eines von %1 fehlt</translation>
  </message>
  <message>
   <source>one of them</source>
   <translation>eines davon</translation>
  </message>
  <message>
   <source>one page for a client</source>
   <translation>eine Seite für Kunden</translation>
  </message>
  <message>
   <source>one that cannot be read</source>
   <translation>eines, das nicht zu lesen ist</translation>
  </message>
  <message>
   <source>only one of %1 can be given</source>
   <translation>nur eines von %1 kann angegeben werden</translation>
  </message>
  <message>
   <source>opening down, let it lie</source>
   <translation>Öffnung nach unten</translation>
  </message>
  <message>
   <source>opening on</source>
   <translation>Öffnung am</translation>
  </message>
  <message>
   <source>or scan this with its camera</source>
   <translation>oder dies mit seiner Kamera einlesen</translation>
  </message>
  <message>
   <source>orange yellow</source>
   <translation>Orangegelb</translation>
  </message>
  <message>
   <source>others can read this file</source>
   <translation>andere können diese Datei lesen</translation>
  </message>
  <message>
   <source>our own note (no colour service runs here to tell other programs)</source>
   <translation>unsere eigene Notiz (hier läuft kein Farbdienst, der es anderen Programmen sagte)</translation>
  </message>
  <message>
   <source>our own; common practice</source>
   <translation>eigene; übliche Praxis</translation>
  </message>
  <message>
   <source>our own; common practice of careful studios; steps of GSDF aims after AAPM OR-03 (from memory)</source>
   <translation>eigene; übliche Praxis sorgfältiger Studios; Stufen von GSDF-Zielen nach AAPM OR-03 (aus dem Gedächtnis)</translation>
  </message>
  <message>
   <source>out of gamut</source>
   <translation>außerhalb des Farbumfangs</translation>
  </message>
  <message>
   <source>output, %</source>
   <translation>Ausgang, %</translation>
  </message>
  <message>
   <source>outside %1</source>
   <translation>außerhalb %1</translation>
  </message>
  <message>
   <source>outside its limits in about %1 days (%2 to %3, eight times of ten)</source>
   <translation>außerhalb seiner Grenzen in etwa %1 Tagen (%2 bis %3, acht von zehn Malen)</translation>
  </message>
  <message>
   <source>outside its limits in about %1 days, in %2 at the earliest</source>
   <translation>außerhalb seiner Grenzen in etwa %1 Tagen, frühestens in %2</translation>
  </message>
  <message>
   <source>over</source>
   <translation>darüber</translation>
  </message>
  <message>
   <source>over the limit</source>
   <translation>über der Grenze</translation>
  </message>
  <message>
   <source>own chart of %1</source>
   <translation>eigene Tafel mit %1</translation>
  </message>
  <message>
   <source>page %1 of %2</source>
   <translation>Seite %1 von %2</translation>
  </message>
  <message>
   <source>page in a browser</source>
   <translation>Seite in einem Browser</translation>
  </message>
  <message>
   <source>page not in front</source>
   <translation>Seite nicht vorn</translation>
  </message>
  <message>
   <source>paper</source>
   <translation>Papier</translation>
  </message>
  <message>
   <source>paper L* </source>
   <translation>Papier L* </translation>
  </message>
  <message>
   <source>paper's white</source>
   <translation>Weiß des Papiers</translation>
  </message>
  <message>
   <source>patch %1</source>
   <translation>Feld %1</translation>
  </message>
  <message>
   <source>patches, or colours to take from a picture</source>
   <translation>Felder, oder Farben aus einem Bild</translation>
  </message>
  <message>
   <source>perceptual</source>
   <translation>wahrnehmungsgetreu</translation>
  </message>
  <message>
   <source>pinker</source>
   <translation>rosiger</translation>
  </message>
  <message>
   <source>place</source>
   <translation>Ort</translation>
  </message>
  <message>
   <source>points</source>
   <translation>Punkte</translation>
  </message>
  <message>
   <source>points a side of the tables, odd, 17 to 45; default 33</source>
   <translation>Stützpunkte je Kante der Tabellen, ungerade, 17 bis 45; sonst 33</translation>
  </message>
  <message>
   <source>points; default 340</source>
   <translation>Punkt; sonst 340</translation>
  </message>
  <message>
   <source>points; default 480</source>
   <translation>Punkt; sonst 480</translation>
  </message>
  <message>
   <source>port</source>
   <translation>Port</translation>
  </message>
  <message>
   <source>power</source>
   <translation>Strom</translation>
  </message>
  <message>
   <source>predicted by the profile, nothing is read: %1 of the %2 patches lie inside the display's gamut; all: mean %3, worst %4 ΔE00</source>
   <translation>nach dem Profil vorhergesagt, nichts ist gemessen: %1 der %2 Felder liegen im Farbumfang des Bildschirms; alle: Mittel %3, größte %4 ΔE00</translation>
  </message>
  <message>
   <source>predicted ΔE00 mean %1 (k = 2), 95 % %2, largest %3 (%4)</source>
   <translation>vorhergesagtes ΔE00 im Mittel %1 (k = 2), 95 % %2, größte %3 (%4)</translation>
  </message>
  <message>
   <source>print %1</source>
   <translation>Druck %1</translation>
  </message>
  <message>
   <source>printing condition</source>
   <translation>Druckbedingung</translation>
  </message>
  <message>
   <source>profile in use</source>
   <translation>Profil in Gebrauch</translation>
  </message>
  <message>
   <source>profile of the last run</source>
   <translation>Profil des letzten Laufs</translation>
  </message>
  <message>
   <source>profile of this run</source>
   <translation>Profil dieses Laufs</translation>
  </message>
  <message>
   <source>profile: %1</source>
   <translation>Profil: %1</translation>
  </message>
  <message>
   <source>profiles are written in version 2 (2.4) or 4 (4.4)</source>
   <translation>Profile werden in Version 2 (2.4) oder 4 (4.4) geschrieben</translation>
  </message>
  <message>
   <source>program and its options</source>
   <translation>Programm und seine Optionen</translation>
  </message>
  <message>
   <source>proved %1</source>
   <translation>nachgewiesen %1</translation>
  </message>
  <message>
   <source>proves the profile in use, and ends with 4 where it passes a limit</source>
   <translation>prüft das benutzte Profil und endet mit 4, wo es eine Grenze überschreitet</translation>
  </message>
  <message>
   <source>purplish blue</source>
   <translation>Purpurblau</translation>
  </message>
  <message>
   <source>reaches beyond the end of the file</source>
   <translation>reicht über das Ende der Datei hinaus</translation>
  </message>
  <message>
   <source>read %1</source>
   <translation>gemessen %1</translation>
  </message>
  <message>
   <source>reading</source>
   <translation>misst</translation>
  </message>
  <message>
   <source>readings</source>
   <translation>Messungen</translation>
  </message>
  <message>
   <source>readings are missing</source>
   <translation>Messungen fehlen</translation>
  </message>
  <message>
   <source>readings of this run</source>
   <translation>Messungen dieses Laufs</translation>
  </message>
  <message>
   <source>reads the password from the standard input into the desktop's secret service</source>
   <translation>liest das Passwort von der Standardeingabe in den Schlüsselbund des Desktops</translation>
  </message>
  <message>
   <source>reads the same greys all over the screen; the meter is led from field to field. Called again on the same folder it goes on from the last reading; exit code 4 when a limit of the tolerance is passed</source>
   <translation>misst dieselben Graustufen überall auf dem Schirm; das Messgerät wird von Feld zu Feld geführt. Noch einmal mit demselben Ordner aufgerufen, geht es nach der letzten Messung weiter; Rückgabewert 4, wenn eine Grenze der Toleranz überschritten ist</translation>
  </message>
  <message>
   <source>ready</source>
   <translation>bereit</translation>
  </message>
  <message>
   <source>ready, not the whole screen</source>
   <translation>bereit, nicht der ganze Schirm</translation>
  </message>
  <message>
   <source>red</source>
   <translation>Rot</translation>
  </message>
  <message>
   <source>red (255 0 0)</source>
   <translation>Rot (255 0 0)</translation>
  </message>
  <message>
   <source>red gain</source>
   <translation>Verstärkung Rot</translation>
  </message>
  <message>
   <source>red, green and blue are seen as the same colour</source>
   <translation>Rot, Grün und Blau werden als dieselbe Farbe gesehen</translation>
  </message>
  <message>
   <source>red, green and blue were read as the same colour</source>
   <translation>Rot, Grün und Blau wurden als dieselbe Farbe gemessen</translation>
  </message>
  <message>
   <source>red, green, blue</source>
   <translation>Rot, Grün, Blau</translation>
  </message>
  <message>
   <source>reference colours through a profile on a simulated display, without meter noise, or on a real one by a meter; prints ΔE00</source>
   <translation>Referenzfarben durch ein Profil auf einem simulierten Bildschirm, ohne Rauschen des Messgeräts, oder auf einem echten mit einem Messgerät; gibt ΔE00 aus</translation>
  </message>
  <message>
   <source>reference meter</source>
   <translation>Referenzmessgerät</translation>
  </message>
  <message>
   <source>reference unit</source>
   <translation>Referenzexemplar</translation>
  </message>
  <message>
   <source>reflectance</source>
   <translation>Reflexionsgrad</translation>
  </message>
  <message>
   <source>reflectance </source>
   <translation>Reflexionsgrad </translation>
  </message>
  <message>
   <source>relative to the aimed white of %1 cd/m².</source>
   <translation>bezogen auf das angestrebte Weiß von %1 cd/m².</translation>
  </message>
  <message>
   <source>relative to the measured white of %1 cd/m².</source>
   <translation>bezogen auf das gemessene Weiß von %1 cd/m².</translation>
  </message>
  <message>
   <source>relative to white</source>
   <translation>relativ zum Weiß</translation>
  </message>
  <message>
   <source>reminds of a check a month on</source>
   <translation>erinnert nach einem Monat an eine Prüfung</translation>
  </message>
  <message>
   <source>removal of a light</source>
   <translation>Entfernen eines Lichts</translation>
  </message>
  <message>
   <source>removal of a profile</source>
   <translation>Entfernen eines Profils</translation>
  </message>
  <message>
   <source>removal of a run</source>
   <translation>Entfernen eines Laufs</translation>
  </message>
  <message>
   <source>right</source>
   <translation>richtig</translation>
  </message>
  <message>
   <source>right: it vanishes</source>
   <translation>richtig: es verschwindet</translation>
  </message>
  <message>
   <source>rows of R, G, B, share are expected</source>
   <translation>Zeilen aus R, G, B, Anteil werden erwartet</translation>
  </message>
  <message>
   <source>run %1 is not in the logbook</source>
   <translation>Lauf %1 ist nicht im Logbuch</translation>
  </message>
  <message>
   <source>run 12 with all its readings, to be checked by recheck</source>
   <translation>Lauf 12 mit allen Messungen, nachzurechnen mit recheck</translation>
  </message>
  <message>
   <source>runs of others are fetched that are not older; default 400</source>
   <translation>Läufe anderer werden geholt, die nicht älter sind; sonst 400</translation>
  </message>
  <message>
   <source>sRGB</source>
   <translation>sRGB</translation>
  </message>
  <message>
   <source>sRGB covered</source>
   <translation>sRGB abgedeckt</translation>
  </message>
  <message>
   <source>scatter</source>
   <translation>Streuung</translation>
  </message>
  <message>
   <source>secret service</source>
   <translation>Schlüsselbund</translation>
  </message>
  <message>
   <source>see agree</source>
   <translation>siehe agree</translation>
  </message>
  <message>
   <source>see log --trend</source>
   <translation>siehe log --trend</translation>
  </message>
  <message>
   <source>seen: mean ΔE00 %1, largest %2 · %3</source>
   <translation>zu sehen: ΔE00 im Mittel %1, höchstens %2 · %3</translation>
  </message>
  <message>
   <source>sensor's id</source>
   <translation>Kennung des Sensors</translation>
  </message>
  <message>
   <source>sent something else than %1</source>
   <translation>sandte etwas anderes als %1</translation>
  </message>
  <message>
   <source>serial %1</source>
   <translation>Seriennummer %1</translation>
  </message>
  <message>
   <source>serial number, typed or scanned</source>
   <translation>Seriennummer, getippt oder eingelesen</translation>
  </message>
  <message>
   <source>set of colours that ships with the program, or a file of colours; default lantern40</source>
   <translation>Farbsatz, der dem Programm beiliegt, oder eine Farbdatei; sonst lantern40</translation>
  </message>
  <message>
   <source>settings of the monitor; default: the display file's</source>
   <translation>Einstellungen des Monitors; sonst: die der Bildschirmdatei</translation>
  </message>
  <message>
   <source>settings of the monitor; default: those the run left, else the display file's</source>
   <translation>Einstellungen des Monitors; sonst: die der Lauf hinterließ, oder die der Bildschirmdatei</translation>
  </message>
  <message>
   <source>settle</source>
   <translation>Einschwingen</translation>
  </message>
  <message>
   <source>shares no patch with the readings in contact</source>
   <translation>hat kein Feld mit den Messungen im Kontakt gemeinsam</translation>
  </message>
  <message>
   <source>show the paper's own white instead of the display's</source>
   <translation>das Weiß des Papiers zeigen statt dem des Bildschirms</translation>
  </message>
  <message>
   <source>shows another display than the run was made on (%1)</source>
   <translation>zeigt einen anderen Bildschirm als den, auf dem der Lauf gemacht wurde (%1)</translation>
  </message>
  <message>
   <source>side by side</source>
   <translation>nebeneinander</translation>
  </message>
  <message>
   <source>since power-on; default: fully warm</source>
   <translation>seit dem Einschalten; sonst: ganz warm</translation>
  </message>
  <message>
   <source>six numbers a line in, their difference out: L* a* b* twice, reference first; X Y Z (cd/m²) twice for itp</source>
   <translation>sechs Zahlen je Zeile hinein, ihr Abstand heraus: zweimal L* a* b*, die Referenz zuerst; für itp zweimal X Y Z (cd/m²)</translation>
  </message>
  <message>
   <source>skin tones</source>
   <translation>Hauttöne</translation>
  </message>
  <message>
   <source>slot of it, 1 the first; the aim's primaries are mixed there where the monitor can</source>
   <translation>Platz darin, 1 ist der erste; die Primärfarben des Ziels werden dort gemischt, wo der Monitor es kann</translation>
  </message>
  <message>
   <source>slot.json of a calibrated memory slot</source>
   <translation>slot.json eines kalibrierten Speicherplatzes</translation>
  </message>
  <message>
   <source>spectra of a panel's red, green and blue; with --daylight: what its white has to be for the 10° observer</source>
   <translation>Spektren von Rot, Grün und Blau eines Panels; mit --daylight: was sein Weiß für den 10°-Beobachter sein muss</translation>
  </message>
  <message>
   <source>spread (default), grid or rendition24</source>
   <translation>spread (sonst), grid oder rendition24</translation>
  </message>
  <message>
   <source>standard deviation</source>
   <translation>Standardabweichung</translation>
  </message>
  <message>
   <source>standard input</source>
   <translation>Standardeingabe</translation>
  </message>
  <message>
   <source>standard input has ended</source>
   <translation>die Standardeingabe ist zu Ende</translation>
  </message>
  <message>
   <source>standard input, line </source>
   <translation>Standardeingabe, Zeile </translation>
  </message>
  <message>
   <source>standard output</source>
   <translation>Standardausgabe</translation>
  </message>
  <message>
   <source>stands out in %1</source>
   <translation>fällt heraus in %1</translation>
  </message>
  <message>
   <source>start it now and at every login</source>
   <translation>jetzt und bei jeder Anmeldung starten</translation>
  </message>
  <message>
   <source>state of the bench in the logbook</source>
   <translation>Zustand des Prüfstands im Logbuch</translation>
  </message>
  <message>
   <source>states nothing</source>
   <translation>besagt nichts</translation>
  </message>
  <message>
   <source>stray light</source>
   <translation>Streulicht</translation>
  </message>
  <message>
   <source>studio, general, basic, soft-proof or viewing, or a file of limits: exit code 4 when exceeded</source>
   <translation>studio, general, basic, soft-proof oder viewing, oder eine Datei mit Grenzen: Rückgabewert 4, wenn überschritten</translation>
  </message>
  <message>
   <source>table profile</source>
   <translation>Tabellenprofil</translation>
  </message>
  <message>
   <source>take over all runs of that logbook, or of a backup, that are not in this one; a new logbook is made where there is none</source>
   <translation>alle Läufe dieses Logbuchs oder einer Sicherung übernehmen, die in diesem fehlen; wo keines ist, wird ein neues angelegt</translation>
  </message>
  <message>
   <source>take the folder's logbook over from a program on another computer that is gone</source>
   <translation>das Logbuch des Ordners von einem Programm auf einem anderen Rechner übernehmen, das es nicht mehr gibt</translation>
  </message>
  <message>
   <source>tells nothing sensible of its screen</source>
   <translation>sagt nichts Sinnvolles über ihren Schirm</translation>
  </message>
  <message>
   <source>tells of colours that no print can have</source>
   <translation>nennt Farben, die kein Druck haben kann</translation>
  </message>
  <message>
   <source>that is this logbook itself</source>
   <translation>das ist dieses Logbuch selbst</translation>
  </message>
  <message>
   <source>the JSON text ends too early</source>
   <translation>der JSON-Text endet zu früh</translation>
  </message>
  <message>
   <source>the SQLite file</source>
   <translation>die SQLite-Datei</translation>
  </message>
  <message>
   <source>the X server does not answer</source>
   <translation>der X-Server antwortet nicht</translation>
  </message>
  <message>
   <source>the aim</source>
   <translation>das Ziel</translation>
  </message>
  <message>
   <source>the aim asks for %1 cd/m² at %2, the display reaches %3 there because no blue is left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.</source>
   <translation>das Ziel verlangt %1 cd/m² bei %2, der Bildschirm erreicht dort %3, weil kein Blau übrig ist. Erhöhen Sie seine Helligkeit, oder nehmen Sie %3 cd/m² oder weniger oder ein Weiß näher an seinem eigenen.</translation>
  </message>
  <message>
   <source>the aim asks for %1 cd/m² at %2, the display reaches %3 there because no green is left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.</source>
   <translation>das Ziel verlangt %1 cd/m² bei %2, der Bildschirm erreicht dort %3, weil kein Grün übrig ist. Erhöhen Sie seine Helligkeit, oder nehmen Sie %3 cd/m² oder weniger oder ein Weiß näher an seinem eigenen.</translation>
  </message>
  <message>
   <source>the aim asks for %1 cd/m² at %2, the display reaches %3 there because no red is left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.</source>
   <translation>das Ziel verlangt %1 cd/m² bei %2, der Bildschirm erreicht dort %3, weil kein Rot übrig ist. Erhöhen Sie seine Helligkeit, oder nehmen Sie %3 cd/m² oder weniger oder ein Weiß näher an seinem eigenen.</translation>
  </message>
  <message>
   <source>the aim asks for %1 cd/m² at %2, the display reaches %3 there. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.</source>
   <translation>das Ziel verlangt %1 cd/m² bei %2, der Bildschirm erreicht dort %3. Erhöhen Sie seine Helligkeit, oder nehmen Sie %3 cd/m² oder weniger oder ein Weiß näher an seinem eigenen.</translation>
  </message>
  <message>
   <source>the aim that all displays of a desk can share</source>
   <translation>das Ziel, das alle Bildschirme eines Tisches teilen können</translation>
  </message>
  <message>
   <source>the aim, no profile</source>
   <translation>das Ziel, kein Profil</translation>
  </message>
  <message>
   <source>the aimed primaries span a gamut of which this panel covers %1 %. Choose a smaller one, or leave the primaries as native.</source>
   <translation>die verlangten Primärfarben spannen einen Farbumfang auf, von dem dieses Panel %1 % abdeckt. Wählen Sie einen kleineren, oder lassen Sie die Primärfarben nativ.</translation>
  </message>
  <message>
   <source>the aimed white (x %1, y %2) lies outside what its primaries can mix. Choose a white nearer to its own.</source>
   <translation>das verlangte Weiß (x %1, y %2) liegt außerhalb dessen, was seine Primärfarben mischen können. Wählen Sie ein Weiß näher an seinem eigenen.</translation>
  </message>
  <message>
   <source>the bench</source>
   <translation>der Prüfstand</translation>
  </message>
  <message>
   <source>the brightest white, contrast and gamut that several displays can share, from what each was read to do, and what each gives up for it</source>
   <translation>das hellste Weiß, der Kontrast und der Farbumfang, die mehrere Bildschirme teilen können, nach dem, was von jedem gemessen ist, und was jeder dafür aufgibt</translation>
  </message>
  <message>
   <source>the chart as read</source>
   <translation>die Tafel, wie gemessen</translation>
  </message>
  <message>
   <source>the colour service</source>
   <translation>der Farbdienst</translation>
  </message>
  <message>
   <source>the colours proved</source>
   <translation>die nachgewiesenen Farben</translation>
  </message>
  <message>
   <source>the colours that matter in a picture</source>
   <translation>die Farben, auf die es in einem Bild ankommt</translation>
  </message>
  <message>
   <source>the compositor converts colours on the way, or its video LUT has no effect: a primary is %1 % off the panel's own</source>
   <translation>der Compositor rechnet unterwegs Farben um, oder seine Video-LUT wirkt nicht: Eine Primärfarbe liegt %1 % neben der eigenen des Panels</translation>
  </message>
  <message>
   <source>the compositor does not lend its video LUT</source>
   <translation>der Compositor gibt seine Video-LUT nicht her</translation>
  </message>
  <message>
   <source>the copy cannot be written: %1</source>
   <translation>die Kopie kann nicht geschrieben werden: %1</translation>
  </message>
  <message>
   <source>the data are empty</source>
   <translation>die Daten sind leer</translation>
  </message>
  <message>
   <source>the data have no field %1</source>
   <translation>die Daten haben kein Feld %1</translation>
  </message>
  <message>
   <source>the desktop knows of none</source>
   <translation>der Desktop kennt keines</translation>
  </message>
  <message>
   <source>the disk is full, a reading could not be kept</source>
   <translation>der Datenträger ist voll, eine Messung konnte nicht behalten werden</translation>
  </message>
  <message>
   <source>the display server</source>
   <translation>der Display-Server</translation>
  </message>
  <message>
   <source>the display's own contrast was read as %1:1; a limit can only lower it. Ask for %1:1 or less, or leave black as native.</source>
   <translation>der eigene Kontrast des Bildschirms wurde mit %1:1 gemessen; eine Grenze kann ihn nur senken. Verlangen Sie %1:1 oder weniger, oder lassen Sie Schwarz nativ.</translation>
  </message>
  <message>
   <source>the display's primaries span no colours</source>
   <translation>die Primärfarben des Bildschirms spannen keine Farben auf</translation>
  </message>
  <message>
   <source>the displays of this desktop, and the names of their outputs</source>
   <translation>die Bildschirme dieses Desktops, und die Namen ihrer Ausgänge</translation>
  </message>
  <message>
   <source>the displays of this desktop, what each is able to do, and what is in force</source>
   <translation>die Bildschirme dieses Desktops, was jeder kann, und was in Kraft ist</translation>
  </message>
  <message>
   <source>the driver for PostgreSQL is missing</source>
   <translation>der Treiber für PostgreSQL fehlt</translation>
  </message>
  <message>
   <source>the field %1 stands twice in the data format</source>
   <translation>das Feld %1 steht zweimal im Datenformat</translation>
  </message>
  <message>
   <source>the file is empty</source>
   <translation>die Datei ist leer</translation>
  </message>
  <message>
   <source>the first column is not titled "nm"</source>
   <translation>die erste Spalte heißt nicht „nm“</translation>
  </message>
  <message>
   <source>the glass</source>
   <translation>Glas</translation>
  </message>
  <message>
   <source>the key "%1" is there twice</source>
   <translation>der Schlüssel „%1“ steht zweimal da</translation>
  </message>
  <message>
   <source>the light to match is missing</source>
   <translation>das abzugleichende Licht fehlt</translation>
  </message>
  <message>
   <source>the link cannot be made</source>
   <translation>die Verknüpfung kann nicht angelegt werden</translation>
  </message>
  <message>
   <source>the list is empty</source>
   <translation>die Liste ist leer</translation>
  </message>
  <message>
   <source>the logbook cannot be used: %1</source>
   <translation>das Logbuch kann nicht verwendet werden: %1</translation>
  </message>
  <message>
   <source>the logbook is damaged: %1</source>
   <translation>das Logbuch ist beschädigt: %1</translation>
  </message>
  <message>
   <source>the logbook was written by a newer Bold Lantern</source>
   <translation>das Logbuch wurde von einem neueren Bold Lantern geschrieben</translation>
  </message>
  <message>
   <source>the metadata could not be put in</source>
   <translation>die Metadaten konnten nicht eingesetzt werden</translation>
  </message>
  <message>
   <source>the middle of the scale arrives lower than it was sent: the compositor changes tones on the way</source>
   <translation>die Mitte der Skala kommt tiefer an, als sie gesendet wurde: Der Compositor ändert unterwegs Tonwerte</translation>
  </message>
  <message>
   <source>the middle of the screen was not read in grey %1</source>
   <translation>die Mitte des Schirms wurde im Grau %1 nicht gemessen</translation>
  </message>
  <message>
   <source>the monitor has no memory slot that can be reached</source>
   <translation>der Monitor hat keinen Speicherplatz, der zu erreichen ist</translation>
  </message>
  <message>
   <source>the monitor's own evening out: on, off or not-known (default); a simulated display is set to it</source>
   <translation>der eigene Ausgleich des Monitors: on, off oder not-known (sonst); ein simulierter Bildschirm wird so eingestellt</translation>
  </message>
  <message>
   <source>the one that was in use before</source>
   <translation>das, das vorher benutzt war</translation>
  </message>
  <message>
   <source>the page is closed</source>
   <translation>die Seite ist geschlossen</translation>
  </message>
  <message>
   <source>the panel's brightness cannot be turned: %1</source>
   <translation>die Helligkeit des Panels lässt sich nicht stellen: %1</translation>
  </message>
  <message>
   <source>the panel's white for the 10° observer: x %1 y %2, from the aim Δu' %3 Δv' %4 (Δu'v' %5)</source>
   <translation>das Weiß des Panels für den 10°-Beobachter: x %1 y %2, vom Ziel Δu' %3 Δv' %4 (Δu'v' %5)</translation>
  </message>
  <message>
   <source>the password cannot be kept: %1</source>
   <translation>das Passwort kann nicht aufbewahrt werden: %1</translation>
  </message>
  <message>
   <source>the password is expected, in a line</source>
   <translation>das Passwort wird erwartet, in einer Zeile</translation>
  </message>
  <message>
   <source>the profile</source>
   <translation>das Profil</translation>
  </message>
  <message>
   <source>the profile %1 was declared</source>
   <translation>das Profil %1 wurde angemeldet</translation>
  </message>
  <message>
   <source>the profile %1 was declared, made by %2</source>
   <translation>das Profil %1 wurde angemeldet, gemacht von %2</translation>
  </message>
  <message>
   <source>the profile could not be declared to the desktop</source>
   <translation>das Profil konnte dem Desktop nicht angemeldet werden</translation>
  </message>
  <message>
   <source>the profile could not be declared: %1</source>
   <translation>das Profil konnte nicht angemeldet werden: %1</translation>
  </message>
  <message>
   <source>the profile could not be given an ID: %1</source>
   <translation>das Profil konnte keine ID bekommen: %1</translation>
  </message>
  <message>
   <source>the profile could not be withdrawn</source>
   <translation>das Profil konnte nicht abgemeldet werden</translation>
  </message>
  <message>
   <source>the profile is broken: %1</source>
   <translation>das Profil ist beschädigt: %1</translation>
  </message>
  <message>
   <source>the profile is cut off: its header says %1 bytes, the file has %2</source>
   <translation>das Profil ist abgeschnitten: Sein Kopf nennt %1 Bytes, die Datei hat %2</translation>
  </message>
  <message>
   <source>the profile is not one of an RGB display</source>
   <translation>das Profil ist keines eines RGB-Bildschirms</translation>
  </message>
  <message>
   <source>the profile is not the one that was kept</source>
   <translation>das Profil ist nicht das, das behalten wurde</translation>
  </message>
  <message>
   <source>the profile lacks the tables or curves to convert colours (%1)</source>
   <translation>dem Profil fehlen Tabellen oder Kurven zum Umrechnen von Farben (%1)</translation>
  </message>
  <message>
   <source>the profile tells what its code values are, but not the other way</source>
   <translation>das Profil sagt, was seine Werte sind, aber nicht umgekehrt</translation>
  </message>
  <message>
   <source>the profiles of a display, which is in use, and the way to another</source>
   <translation>die Profile eines Bildschirms, welches benutzt ist, und der Weg zu einem anderen</translation>
  </message>
  <message>
   <source>the program can turn them</source>
   <translation>das Programm kann sie stellen</translation>
  </message>
  <message>
   <source>the program is missing</source>
   <translation>das Programm fehlt</translation>
  </message>
  <message>
   <source>the readings do not tell red, green and blue apart</source>
   <translation>die Messungen unterscheiden Rot, Grün und Blau nicht</translation>
  </message>
  <message>
   <source>the readings of this run do not fit its plan</source>
   <translation>die Messungen dieses Laufs passen nicht zu seinem Plan</translation>
  </message>
  <message>
   <source>the report of any finished run: PDF, HTML, JSON, the colours as CSV or the readings as CGATS</source>
   <translation>der Bericht eines fertigen Laufs: PDF, HTML, JSON, die Farben als CSV oder die Messungen als CGATS</translation>
  </message>
  <message>
   <source>the result of its stage %1 is missing</source>
   <translation>das Ergebnis seines Abschnitts %1 fehlt</translation>
  </message>
  <message>
   <source>the room's light</source>
   <translation>Licht des Raums</translation>
  </message>
  <message>
   <source>the run it is held against has no profile or no readings</source>
   <translation>der Lauf, gegen den gehalten wird, hat kein Profil oder keine Messungen</translation>
  </message>
  <message>
   <source>the run that it is held against is missing</source>
   <translation>der Lauf, gegen den sie gehalten wird, fehlt</translation>
  </message>
  <message>
   <source>the same</source>
   <translation>dasselbe</translation>
  </message>
  <message>
   <source>the same by the reference</source>
   <translation>dasselbe mit der Referenz</translation>
  </message>
  <message>
   <source>the same on a real display; given again, it goes on from the last reading</source>
   <translation>dasselbe auf einem echten Bildschirm; noch einmal aufgerufen, geht es nach der letzten Messung weiter</translation>
  </message>
  <message>
   <source>the same on a simulated display, for scripts</source>
   <translation>dasselbe auf einem simulierten Bildschirm, für Skripte</translation>
  </message>
  <message>
   <source>the sensitivities are on another scale than the CIE functions: white would be read as %1 times its luminance</source>
   <translation>die Empfindlichkeiten haben eine andere Skala als die CIE-Funktionen: Weiß würde als %1-Faches seiner Leuchtdichte gemessen</translation>
  </message>
  <message>
   <source>the serial number</source>
   <translation>die Seriennummer</translation>
  </message>
  <message>
   <source>the server refuses: %1</source>
   <translation>der Server lehnt ab: %1</translation>
  </message>
  <message>
   <source>the shared book cannot be used: %1</source>
   <translation>das gemeinsame Buch kann nicht verwendet werden: %1</translation>
  </message>
  <message>
   <source>the shared book of a house, in PostgreSQL: made, joined, kept in step, asked</source>
   <translation>das gemeinsame Buch eines Hauses, in PostgreSQL: angelegt, betreten, abgeglichen, befragt</translation>
  </message>
  <message>
   <source>the shared book was made by a newer Bold Lantern</source>
   <translation>das gemeinsame Buch wurde von einem neueren Bold Lantern angelegt</translation>
  </message>
  <message>
   <source>the table of %1 must have %2 rows and all three channels</source>
   <translation>die Tabelle von %1 muss %2 Zeilen und alle drei Kanäle haben</translation>
  </message>
  <message>
   <source>the tag table names %1 tags, more than fit</source>
   <translation>die Tag-Tabelle nennt %1 Tags, mehr als passen</translation>
  </message>
  <message>
   <source>the two proofs have no colour in common</source>
   <translation>die beiden Nachweise haben keine Farbe gemeinsam</translation>
  </message>
  <message>
   <source>the white of a simulated display</source>
   <translation>das Weiß eines simulierten Bildschirms</translation>
  </message>
  <message>
   <source>the whole job on a simulated or real display; called again on the same folder it goes on from the last reading</source>
   <translation>die ganze Arbeit an einem simulierten oder echten Bildschirm; noch einmal mit demselben Ordner aufgerufen, geht es nach der letzten Messung weiter</translation>
  </message>
  <message>
   <source>the window's logbook, or another</source>
   <translation>das Logbuch des Fensters, oder ein anderes</translation>
  </message>
  <message>
   <source>there are no colours in it</source>
   <translation>es sind keine Farben darin</translation>
  </message>
  <message>
   <source>there is no X server to talk to</source>
   <translation>es ist kein X-Server zu sprechen</translation>
  </message>
  <message>
   <source>there is no aim, or its tone or primaries are the display's own</source>
   <translation>es gibt kein Ziel, oder seine Tonwerte oder Primärfarben sind die eigenen des Bildschirms</translation>
  </message>
  <message>
   <source>there is no curve "%1"</source>
   <translation>es gibt keine Kurve „%1“</translation>
  </message>
  <message>
   <source>there is no shared book yet</source>
   <translation>es gibt noch kein gemeinsames Buch</translation>
  </message>
  <message>
   <source>there is no such file</source>
   <translation>es gibt keine solche Datei</translation>
  </message>
  <message>
   <source>there is no such logbook</source>
   <translation>es gibt kein solches Logbuch</translation>
  </message>
  <message>
   <source>there is none of this kind</source>
   <translation>es gibt keines dieser Art</translation>
  </message>
  <message>
   <source>there is none to talk to</source>
   <translation>es ist keiner zu sprechen</translation>
  </message>
  <message>
   <source>there is one</source>
   <translation>es gibt einen</translation>
  </message>
  <message>
   <source>there is such a file already</source>
   <translation>es gibt bereits eine solche Datei</translation>
  </message>
  <message>
   <source>they cannot mix the display's white</source>
   <translation>sie können das Weiß des Bildschirms nicht mischen</translation>
  </message>
  <message>
   <source>this check is not finished</source>
   <translation>diese Prüfung ist nicht fertig</translation>
  </message>
  <message>
   <source>this computer's own</source>
   <translation>das dieses Rechners</translation>
  </message>
  <message>
   <source>this computer, for the device</source>
   <translation>dieser Rechner, für das Gerät</translation>
  </message>
  <message>
   <source>this display</source>
   <translation>dieser Bildschirm</translation>
  </message>
  <message>
   <source>this driver does not know </source>
   <translation>dieser Treiber kennt nicht </translation>
  </message>
  <message>
   <source>this folder cannot be made</source>
   <translation>dieser Ordner kann nicht angelegt werden</translation>
  </message>
  <message>
   <source>this folder holds a run with another %1 (%2)</source>
   <translation>dieser Ordner enthält einen Lauf mit anderem %1 (%2)</translation>
  </message>
  <message>
   <source>this folder holds an unfinished measurement with another %1</source>
   <translation>dieser Ordner enthält eine unfertige Messung mit anderem %1</translation>
  </message>
  <message>
   <source>this is no ICC profile</source>
   <translation>das ist kein ICC-Profil</translation>
  </message>
  <message>
   <source>this is no address that begins with postgresql://</source>
   <translation>das ist keine Adresse, die mit postgresql:// beginnt</translation>
  </message>
  <message>
   <source>this is no name for a workstation</source>
   <translation>das ist kein Name für einen Arbeitsplatz</translation>
  </message>
  <message>
   <source>this is not a surface colour (L* 0 to 100, a* and b* within 300)</source>
   <translation>das ist keine Körperfarbe (L* 0 bis 100, a* und b* innerhalb von 300)</translation>
  </message>
  <message>
   <source>this is not the colour of a print</source>
   <translation>das ist nicht die Farbe eines Drucks</translation>
  </message>
  <message>
   <source>this logbook cannot be written</source>
   <translation>dieses Logbuch kann nicht geschrieben werden</translation>
  </message>
  <message>
   <source>this logbook goes with no shared book</source>
   <translation>dieses Logbuch gehört zu keinem gemeinsamen Buch</translation>
  </message>
  <message>
   <source>this logbook is in use by %1, process %2</source>
   <translation>dieses Logbuch wird von %1, Prozess %2, verwendet</translation>
  </message>
  <message>
   <source>this logbook is in use by %1, process %2, on the computer %3, says its lock %4</source>
   <translation>dieses Logbuch wird von %1, Prozess %2, auf dem Rechner %3 verwendet, sagt seine Sperre %4</translation>
  </message>
  <message>
   <source>this output has no video LUT</source>
   <translation>dieser Ausgang hat keine Video-LUT</translation>
  </message>
  <message>
   <source>this run</source>
   <translation>dieser Lauf</translation>
  </message>
  <message>
   <source>this run</source>
   <comment>short, in the Ledger</comment>
   <translation>Lauf</translation>
  </message>
  <message>
   <source>this run holds more readings than its plan</source>
   <translation>dieser Lauf enthält mehr Messungen als sein Plan</translation>
  </message>
  <message>
   <source>this run is marked as finished, but parts of it are missing</source>
   <translation>dieser Lauf ist als fertig vermerkt, aber Teile davon fehlen</translation>
  </message>
  <message>
   <source>this white cannot be mixed from the primaries</source>
   <translation>dieses Weiß ist aus den Primärfarben nicht zu mischen</translation>
  </message>
  <message>
   <source>three numbers a line in, three out. xyz and the Y of xyy and uv (u' v' Y) are in the scale of the white; srgb is 0..1, hue in degrees</source>
   <translation>drei Zahlen je Zeile hinein, drei heraus. xyz und das Y von xyy und uv (u' v' Y) sind im Maßstab des Weiß; srgb ist 0..1, Farbton in Grad</translation>
  </message>
  <message>
   <source>three numbers on a line were expected, it printed "%1"</source>
   <translation>drei Zahlen in einer Zeile wurden erwartet, ausgegeben wurde „%1“</translation>
  </message>
  <message>
   <source>three numbers were expected</source>
   <translation>drei Zahlen wurden erwartet</translation>
  </message>
  <message>
   <source>three rows are expected</source>
   <translation>drei Zeilen werden erwartet</translation>
  </message>
  <message>
   <source>tilt back</source>
   <translation>zurückneigen</translation>
  </message>
  <message>
   <source>to an aim of your own, with as many patches as it takes</source>
   <translation>auf ein eigenes Ziel, mit so vielen Feldern wie nötig</translation>
  </message>
  <message>
   <source>to judge by: studio (default), general, basic, soft-proof or viewing</source>
   <translation>nach denen geurteilt wird: studio (sonst), general, basic, soft-proof oder viewing</translation>
  </message>
  <message>
   <source>tone</source>
   <translation>Tonwerte</translation>
  </message>
  <message>
   <source>tone, gamma, correction, lut, grey-tint, grey-uv, gamut-uv, gamut-xy, share or roses</source>
   <translation>tone, gamma, correction, lut, grey-tint, grey-uv, gamut-uv, gamut-xy, share oder roses</translation>
  </message>
  <message>
   <source>too cool</source>
   <translation>zu kühl</translation>
  </message>
  <message>
   <source>too dark</source>
   <translation>zu dunkel</translation>
  </message>
  <message>
   <source>too dull</source>
   <translation>zu matt</translation>
  </message>
  <message>
   <source>too far from the locus</source>
   <translation>zu weit von der Kurve</translation>
  </message>
  <message>
   <source>too light</source>
   <translation>zu hell</translation>
  </message>
  <message>
   <source>too little</source>
   <translation>zu wenig</translation>
  </message>
  <message>
   <source>too much</source>
   <translation>zu viel</translation>
  </message>
  <message>
   <source>too vivid</source>
   <translation>zu kräftig</translation>
  </message>
  <message>
   <source>too warm</source>
   <translation>zu warm</translation>
  </message>
  <message>
   <source>true luminance</source>
   <translation>wahre Leuchtdichte</translation>
  </message>
  <message>
   <source>turn of the monitor's controls</source>
   <translation>Drehung der Regler des Monitors</translation>
  </message>
  <message>
   <source>turned by hand</source>
   <translation>von Hand gedreht</translation>
  </message>
  <message>
   <source>twice its uncertainty</source>
   <translation>das Doppelte der Unsicherheit</translation>
  </message>
  <message>
   <source>two numbers are expected</source>
   <translation>zwei Zahlen werden erwartet</translation>
  </message>
  <message>
   <source>two numbers between 0 and 1 with a comma between are expected</source>
   <translation>zwei Zahlen zwischen 0 und 1 mit einem Komma dazwischen werden erwartet</translation>
  </message>
  <message>
   <source>u'</source>
   <translation>u'</translation>
  </message>
  <message>
   <source>u' </source>
   <translation>u' </translation>
  </message>
  <message>
   <source>u', v'</source>
   <translation>u', v'</translation>
  </message>
  <message>
   <source>under way</source>
   <translation>läuft</translation>
  </message>
  <message>
   <source>unexpected text "%1"</source>
   <translation>unerwarteter Text „%1“</translation>
  </message>
  <message>
   <source>unfinished</source>
   <translation>unfertig</translation>
  </message>
  <message>
   <source>units</source>
   <translation>Exemplare</translation>
  </message>
  <message>
   <source>up about %1</source>
   <translation>herauf um etwa %1</translation>
  </message>
  <message>
   <source>up, %1 % more light</source>
   <translation>herauf, %1 % mehr Licht</translation>
  </message>
  <message>
   <source>v'</source>
   <translation>v'</translation>
  </message>
  <message>
   <source>v' </source>
   <translation>v' </translation>
  </message>
  <message>
   <source>validate</source>
   <translation>Nachweisen</translation>
  </message>
  <message>
   <source>validated today</source>
   <translation>heute nachgewiesen</translation>
  </message>
  <message>
   <source>version</source>
   <translation>Version</translation>
  </message>
  <message>
   <source>very wide</source>
   <translation>sehr weit</translation>
  </message>
  <message>
   <source>video LUT: %1</source>
   <translation>Video-LUT: %1</translation>
  </message>
  <message>
   <source>video LUTs</source>
   <translation>Video-LUTs</translation>
  </message>
  <message>
   <source>visible</source>
   <translation>sichtbar</translation>
  </message>
  <message>
   <source>vol.</source>
   <translation>Vol.</translation>
  </message>
  <message>
   <source>waits</source>
   <translation>wartet</translation>
  </message>
  <message>
   <source>waits, again</source>
   <translation>wartet, noch einmal</translation>
  </message>
  <message>
   <source>warm-up</source>
   <translation>Warmlaufen</translation>
  </message>
  <message>
   <source>warmer</source>
   <translation>wärmer</translation>
  </message>
  <message>
   <source>was kept by a newer Bold Lantern and cannot be read</source>
   <translation>wurde von einem neueren Bold Lantern behalten und kann nicht gelesen werden</translation>
  </message>
  <message>
   <source>was never read before a calibration</source>
   <translation>wurde nie vor einer Kalibrierung gemessen</translation>
  </message>
  <message>
   <source>was stopped before a device was there</source>
   <translation>wurde angehalten, ehe ein Gerät da war</translation>
  </message>
  <message>
   <source>was stopped from outside</source>
   <translation>wurde von außen angehalten</translation>
  </message>
  <message>
   <source>watch of the room</source>
   <translation>Beobachtung des Raums</translation>
  </message>
  <message>
   <source>wavelengths lie within 200 to 1200 nm</source>
   <translation>Wellenlängen liegen zwischen 200 und 1200 nm</translation>
  </message>
  <message>
   <source>weight</source>
   <translation>Gewicht</translation>
  </message>
  <message>
   <source>what colours are relative to: measured (default) or aimed white</source>
   <translation>worauf Farben bezogen sind: gemessenes (measured, sonst) oder angestrebtes (aimed) Weiß</translation>
  </message>
  <message>
   <source>what is in a profile</source>
   <translation>was in einem Profil steht</translation>
  </message>
  <message>
   <source>what is in use, and what was before</source>
   <translation>was benutzt ist, und was es vorher war</translation>
  </message>
  <message>
   <source>what is missing here, and what to do about it</source>
   <translation>was hier fehlt, und was dagegen zu tun ist</translation>
  </message>
  <message>
   <source>what it is called</source>
   <translation>wie es heißt</translation>
  </message>
  <message>
   <source>what keeps profiles in force from login to login, and reminds of checks</source>
   <translation>was Profile von Anmeldung zu Anmeldung in Kraft hält und an Prüfungen erinnert</translation>
  </message>
  <message>
   <source>what the display has now cannot be noted there</source>
   <translation>was der Bildschirm jetzt hat, kann dort nicht vermerkt werden</translation>
  </message>
  <message>
   <source>what the profile is made for</source>
   <translation>wofür das Profil gemacht wird</translation>
  </message>
  <message>
   <source>what this machine, its desktop and displays can do, and what is missing; exit code 4 when something is</source>
   <translation>was dieser Rechner, sein Desktop und seine Bildschirme können, und was fehlt; Rückgabewert 4, wenn etwas fehlt</translation>
  </message>
  <message>
   <source>what two displays of the house make of the same colours</source>
   <translation>was zwei Bildschirme des Hauses aus denselben Farben machen</translation>
  </message>
  <message>
   <source>where D65 lies</source>
   <translation>wo D65 liegt</translation>
  </message>
  <message>
   <source>where the white of each display is going</source>
   <translation>wohin das Weiß jedes Bildschirms läuft</translation>
  </message>
  <message>
   <source>whether the figures of a report follow from its readings</source>
   <translation>ob die Kennzahlen eines Berichts aus seinen Messungen folgen</translation>
  </message>
  <message>
   <source>whether the run in that folder still holds</source>
   <translation>ob der Lauf in diesem Ordner noch gilt</translation>
  </message>
  <message>
   <source>which diagrams there are</source>
   <translation>welche Diagramme es gibt</translation>
  </message>
  <message>
   <source>which display is best for critical work, and which calibration no longer helps</source>
   <translation>welcher Bildschirm für kritische Arbeit der beste ist, und welche Kalibrierung nicht mehr hilft</translation>
  </message>
  <message>
   <source>white</source>
   <translation>Weiß</translation>
  </message>
  <message>
   <source>white (255 255 255)</source>
   <translation>Weiß (255 255 255)</translation>
  </message>
  <message>
   <source>white LED</source>
   <translation>weiße LED</translation>
  </message>
  <message>
   <source>white and luminance: ISO 3664:2009, pictures on monitors; entered from memory</source>
   <translation>Weiß und Leuchtdichte: ISO 3664:2009, Bilder auf Monitoren; aus dem Gedächtnis eingetragen</translation>
  </message>
  <message>
   <source>white and tone to share, and at most that luminance; default: D65, gamma 2.2</source>
   <translation>gemeinsames Weiß und Tonwertkurve, und höchstens diese Leuchtdichte; sonst: D65, Gamma 2,2</translation>
  </message>
  <message>
   <source>white cd/m²</source>
   <translation>Weiß cd/m²</translation>
  </message>
  <message>
   <source>white changed by up to %1 % in luminance meanwhile, which is taken out</source>
   <translation>Weiß hat sich unterdessen in der Leuchtdichte um bis zu %1 % geändert, was herausgerechnet ist</translation>
  </message>
  <message>
   <source>white gains %1 % in 30 days</source>
   <translation>Weiß gewinnt in 30 Tagen %1 %</translation>
  </message>
  <message>
   <source>white is ΔE00</source>
   <translation>Weiß ist ΔE00</translation>
  </message>
  <message>
   <source>white loses %1 % in 30 days</source>
   <translation>Weiß verliert in 30 Tagen %1 %</translation>
  </message>
  <message>
   <source>white was read as having no light</source>
   <translation>Weiß wurde ohne Licht gemessen</translation>
  </message>
  <message>
   <source>white was read with %1 cd/m², black with %2: white is not the brighter one</source>
   <translation>Weiß wurde mit %1 cd/m² gemessen, Schwarz mit %2: Weiß ist nicht das hellere</translation>
  </message>
  <message>
   <source>white x</source>
   <translation>Weiß x</translation>
  </message>
  <message>
   <source>white y</source>
   <translation>Weiß y</translation>
  </message>
  <message>
   <source>white Δu'v'</source>
   <translation>Weiß Δu'v'</translation>
  </message>
  <message>
   <source>whites Δu'v' %1, luminance of the second over the first's %2</source>
   <translation>Weiß Δu'v' %1, Leuchtdichte des zweiten durch die des ersten %2</translation>
  </message>
  <message>
   <source>whole numbers are expected</source>
   <translation>ganze Zahlen werden erwartet</translation>
  </message>
  <message>
   <source>whose book it is</source>
   <translation>wessen Buch es ist</translation>
  </message>
  <message>
   <source>wide</source>
   <translation>weit</translation>
  </message>
  <message>
   <source>wide gamut</source>
   <translation>weiter Farbumfang</translation>
  </message>
  <message>
   <source>with %1 on this display</source>
   <translation>mit %1 auf diesem Bildschirm</translation>
  </message>
  <message>
   <source>with --csv: a line for each reading; with --json: the runs whole</source>
   <translation>mit --csv: eine Zeile je Messung; mit --json: die ganzen Läufe</translation>
  </message>
  <message>
   <source>with --output: driver:PROGRAM, command:PROGRAM or hand</source>
   <translation>mit --output: driver:PROGRAMM, command:PROGRAMM oder hand</translation>
  </message>
  <message>
   <source>with --output: folder for the readings</source>
   <translation>mit --output: Ordner für die Messungen</translation>
  </message>
  <message>
   <source>with --page: display file, for the bench's meter in front of the device</source>
   <translation>mit --page: Bildschirmdatei, für das Messgerät des Prüfstands vor dem Gerät</translation>
  </message>
  <message>
   <source>with --page: seconds in which the device may fetch profile and report</source>
   <translation>mit --page: Sekunden, in denen das Gerät Profil und Bericht holen kann</translation>
  </message>
  <message>
   <source>with --page: the device of that name; default: the first</source>
   <translation>mit --page: das Gerät dieses Namens; sonst: das erste</translation>
  </message>
  <message>
   <source>with a meter of usual speed</source>
   <translation>mit einem Messgerät von üblicher Schnelligkeit</translation>
  </message>
  <message>
   <source>with its colour %1 %</source>
   <translation>mit seiner Farbe %1 %</translation>
  </message>
  <message>
   <source>within</source>
   <translation>innerhalb</translation>
  </message>
  <message>
   <source>within uncertainty</source>
   <translation>innerhalb der Unsicherheit</translation>
  </message>
  <message>
   <source>without a profile</source>
   <translation>ohne Profil</translation>
  </message>
  <message>
   <source>without a studio's name</source>
   <translation>ohne Namen eines Studios</translation>
  </message>
  <message>
   <source>worst</source>
   <translation>schlechteste</translation>
  </message>
  <message>
   <source>worst colour</source>
   <translation>schlechteste Farbe</translation>
  </message>
  <message>
   <source>writes a chart for run --chart, tells how long it takes</source>
   <translation>schreibt eine Farbtafel für run --chart und sagt, wie lange sie dauert</translation>
  </message>
  <message>
   <source>written to %1</source>
   <translation>geschrieben nach %1</translation>
  </message>
  <message>
   <source>x</source>
   <translation>x</translation>
  </message>
  <message>
   <source>x </source>
   <translation>x </translation>
  </message>
  <message>
   <source>x %1  y %2  %3 cd/m²</source>
   <translation>x %1  y %2  %3 cd/m²</translation>
  </message>
  <message>
   <source>x %1 y %2</source>
   <translation>x %1 y %2</translation>
  </message>
  <message>
   <source>x + y is above 1</source>
   <translation>x + y liegt über 1</translation>
  </message>
  <message>
   <source>x + y is above 1; no colour has that chromaticity</source>
   <translation>x + y liegt über 1; keine Farbe hat diesen Farbort</translation>
  </message>
  <message>
   <source>x y</source>
   <translation>x y</translation>
  </message>
  <message>
   <source>x, y</source>
   <translation>x, y</translation>
  </message>
  <message>
   <source>x,y of a chromaticity is expected</source>
   <translation>x,y eines Farborts wird erwartet</translation>
  </message>
  <message>
   <source>x,y of the room's light, default D50</source>
   <translation>x,y des Raumlichts, sonst D50</translation>
  </message>
  <message>
   <source>xyz xyy lab lch luv uv srgb</source>
   <translation>xyz xyy lab lch luv uv srgb</translation>
  </message>
  <message>
   <source>y</source>
   <translation>y</translation>
  </message>
  <message>
   <source>y </source>
   <translation>y </translation>
  </message>
  <message>
   <source>yellow green</source>
   <translation>Gelbgrün</translation>
  </message>
  <message>
   <source>yes</source>
   <translation>ja</translation>
  </message>
  <message>
   <source>yesterday</source>
   <translation>gestern</translation>
  </message>
  <message>
   <source>your own numbers</source>
   <translation>eigene Zahlen</translation>
  </message>
  <message>
   <source>± %1 %</source>
   <translation>± %1 %</translation>
  </message>
  <message>
   <source>ΔE00</source>
   <translation>ΔE00</translation>
  </message>
  <message>
   <source>ΔE00 %1</source>
   <translation>ΔE00 %1</translation>
  </message>
  <message>
   <source>ΔE00 %1 in the mean</source>
   <translation>ΔE00 %1 im Mittel</translation>
  </message>
  <message>
   <source>ΔE00 %1 or more</source>
   <translation>ΔE00 %1 oder mehr</translation>
  </message>
  <message>
   <source>ΔE00 against last time</source>
   <translation>ΔE00 gegen letztes Mal</translation>
  </message>
  <message>
   <source>ΔE00 mean</source>
   <translation>ΔE00 Mittel</translation>
  </message>
  <message>
   <source>ΔE00 that is drawn white</source>
   <translation>ΔE00, das weiß gezeichnet wird</translation>
  </message>
  <message>
   <source>ΔE00, worst</source>
   <translation>ΔE00, max.</translation>
  </message>
  <message>
   <source>Δu'v'</source>
   <translation>Δu'v'</translation>
  </message>
  <message>
   <source>Δu'v'
from aim</source>
   <translation>Δu'v'
v. Ziel</translation>
  </message>
  <message>
   <source>Δu'v' %1 from the aim</source>
   <translation>Δu'v' %1 vom Ziel</translation>
  </message>
  <message>
   <source>⊘  No: %1 names %2 profile</source>
   <translation>⊘  Nein: %1 nennt %2 Profil</translation>
  </message>
  <message>
   <source>⊘  Not in force: another LUT is loaded</source>
   <translation>⊘  Nicht in Kraft: Eine andere LUT ist geladen</translation>
  </message>
  <message>
   <source>◊ Stand out from the others (robust score above 3.5): %1.</source>
   <translation>◊ Fallen heraus (robuste Kennzahl über 3,5): %1.</translation>
  </message>
  <message>
   <source>●  Loaded: read back from %1, all entries agree</source>
   <translation>●  Geladen: zurückgelesen (%1), alle Einträge stimmen</translation>
  </message>
  <message>
   <source>●  Yes: read back from %1, byte for byte</source>
   <translation>●  Ja: zurückgelesen (%1), Byte für Byte</translation>
  </message>
 </context>
</TS>
