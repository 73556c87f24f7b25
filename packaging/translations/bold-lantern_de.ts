<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
<context>
    <name>Accuracy</name>
    <message>
        <source>limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aimed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over the limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stems lead from the aimed to the measured colour, drawn %1 times as long as they are. Lightness is not in them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stems lead from the aimed to the measured colour. Lightness is not in them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One colour lies beyond the display&apos;s gamut (ΔE00 %1) and is not in the figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 colours lie beyond the display&apos;s gamut (mean ΔE00 %2) and are not in the figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>median</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lowest 90 %, mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>highest 10 %, mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>deviation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>against the aimed white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>relative to white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 through the profile, %2 · a spot that vanishes is a match</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 held against %2 without a profile, %3 · a spot that vanishes is a match</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>patch %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>proved %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known colours are shown and read: each field the colour expected, its spot the one read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The patches of the chart, each field as primaries and tone curve make it expected, its spot as it was read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart has been read. The validation follows when the profile is installed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known colours will stand here, each with a spot of what the display really showed. They are read after the profile is installed.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>AccuracyView</name>
    <message>
        <source>Colour accuracy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fields</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Roses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Error roses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of colours below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Validation table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Worst first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order of the colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>RGB sent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Aimed L* a* b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measured L* a* b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>out of gamut</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>AgreedColours</name>
    <message>
        <source>Colours as both show them</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Agreement</name>
    <message>
        <source>Between them a colour is foretold to differ by ΔE00 %1 in the mean, %2 at most (%3). Their whites are Δu&apos;v&apos; %4 apart; the second has %5 % of the first&apos;s light.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 as read on %2 by %3; %4 as read on %5 by %6.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the meters may be off by is not known and not in these ranges.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beyond a gamut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the proof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>against the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after the calibration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>control</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Black, luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correlated colour temperature</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White from the aim, Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exponent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tint of the greys, mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Coverage of sRGB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Coverage of P3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Levels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Luminance over before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Black over before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Room, illuminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settling</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drift while warming up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile, residual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile, expected error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>differs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within uncertainty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>twice its uncertainty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys, ΔE00 between them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No aim for all of them. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of them can share %1; light is limited by %2, contrast by %3. Their common gamut holds %4 of sRGB and %5 of P3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light at the top of the brightness is foretold, not read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>40 colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>24-patch chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Primaries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tone curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exponent over level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tint of the greys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamut, u&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For critical work:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To be replaced:</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>AgreementView</name>
    <message>
        <source>Agreement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What two displays, or two runs, make of the same colours; foretold from their readings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How they are seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Curves of both</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;wap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In &amp;pictures…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ta&amp;ke it as the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side by side the eye is used to the brighter white, so that white and luminance count; alone it gets used to each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your pictures as both show them, and a map of their differences.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Outside the first, inside the second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is being read…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It takes two finished runs, of one display or of two.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Aim</name>
    <message>
        <source>aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot do this: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The eye wanted Δu&apos; %1, Δv&apos; %2 added (Δu&apos;v&apos; %3). </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Narrow-banded light: whites with equal figures need not look equal. Match it by eye where that matters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For a white with the right figures that looks wrong beside a print or another display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamma</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Native</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (own)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The aim of the run under way. Stop the run to change it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the display should become. Start from a job; every number can be changed. An aim file can be dropped here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known: %1. &quot;Beside the print&quot; follows it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page Light reads the room or a viewing booth; white and luminance can follow.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>AimView</name>
    <message>
        <source>Aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the display should become. Start from a job; every number can be changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make it…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 patches…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>u&apos; </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>v&apos; </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point, u&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point, x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point, v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point, y</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ByEye</name>
    <message>
        <source>This panel has no black level to turn. The bars farthest left should melt into the black, the third should not. Where even the third cannot be told, darken the room; then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the monitor&apos;s brightness or black level until the bars farthest left just cannot be told from the black and the third can. Keep the room as dark as when you work.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This panel has no contrast to turn. All bars but the one farthest left should be told from the white. Go on either way: the profile takes the panel as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the monitor&apos;s contrast down until the bars can be told from the white, at least all but the one farthest left.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look at something white in daylight for a minute, then quickly at these greys. Move the sliders until they show no tint.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamma found: red %1, green %2, blue %3.

The profile takes the primaries from what the display says of itself. It is marked as made by eye, and the ledger will say so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step back or narrow your eyes until the lines melt together, then move the slider until the solid field in the middle vanishes in them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1  Black level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2  Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>3  Gamma, grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>4  Gamma, red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>5  Gamma, green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>6  Gamma, blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>7  Neutral grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>8  Profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Lightness of the middle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gamma %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Red agains&amp;t green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bl&amp;ue against yellow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too little</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too much</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too warm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too cool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right: it vanishes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ByEyeView</name>
    <message>
        <source>By eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without a meter: better than nothing, no match for a measurement. Your eyes adapt to a cast, so white stays uncertain, and no ΔE is known afterwards.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold: as before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was found is on the display now; held, what it had before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name, such as “evening”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ma&amp;ke the profile and use it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ne&amp;xt</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Chart</name>
    <message>
        <source>Too many: a chart has at most %1 patches.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>patch %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with %1 on this display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with a meter of usual speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 patches, %2 readings with the repeated ones: about %3 min %4.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ChartDialog</name>
    <message>
        <source>&amp;Keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A chart of your own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> key colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a name to keep it by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a &amp;picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a &amp;list or strip…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Mixed with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept ones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use this chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a list of colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lists of colours (*.txt *.cgats *.ti3 *.cxf *.xml *.csv);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the chart a name first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is being read…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 colours</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Check</name>
    <message>
        <source>It holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drifting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean change ΔE00 %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> ± %1 (k = 2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is so near a limit that another check might say otherwise.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checked %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Red gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Green gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Blue gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is %2, was %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Eighteen patches are being read: white, black, greys, primaries and saturated colours.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Once a run of this display is complete, its white, greys and colours can be checked against it here in a minute.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not checked since the last run. Hang the meter on the patch, then press Check the last run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, Δu&apos;v&apos; from the last run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Luminance of white, cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>± %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Black, cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys, mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All patches, mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Worst patch, ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>CheckView</name>
    <message>
        <source>Change of each patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>RGB %1 %2 %3: ΔE00 %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00 against last time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean drifts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One minute with the meter on the calibrated display, against the last run. Most weeks the answer is that it holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Holds up to</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ColourDevice</name>
    <message>
        <source>No colour service runs here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The colour service keeps another profile for it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>CommandMeter</name>
    <message>
        <source>%1 printed without end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be started</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it ended with code %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>three numbers on a line were expected, it printed &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Compare</name>
    <message>
        <source>as found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without a profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on paper…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on paper: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shown as it is. When a profile has been built, the left part shows how it looked on the display as it was found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at true luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at equal luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before: how the display showed it as it was found, from its readings, %1. Now: as it should look. Seen best on the calibrated display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before: as programs show it that know nothing of profiles. Now: as it should look.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the printing condition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a characterisation. Pictures need the ICC profile of the printing condition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before: as the print shows it, with its paper&apos;s own white. Now: as it should look on the display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before: as the print shows it, the display&apos;s white standing for the paper&apos;s. Now: as it should look on the display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That run is being read…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before: as the other display shows it through its profile, %1. Now: as this one does. The map has what both show, whether this one can show it or not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before: as the display of that run showed it then, %1. Now: as it should look.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plate: leaves, skin, cloth</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skin from light to dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wedge: greys, hues</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Deep shadow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Highlights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gradients</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Text and fine lines</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>CompareView</name>
    <message>
        <source>Before and after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What before is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Swap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Seam</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white is ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page Up and Page Down go through them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture of your own; PNG, TIFF or JPEG. It can be dropped here, too, and so can a folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a folder of pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>equal luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>true luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Divided</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00 that is drawn white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A dot for each pixel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A seam around what this display cannot show of the print: more than %1 ΔE00 off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left and Right move the divider, Space held shows all as before, X swaps; wheel, + and - enlarge, 1 shows every pixel, 0 the whole; D held puts the display&apos;s former video LUT and profile on the screen itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beyond the display: %1 % · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seen: mean ΔE00 %1, largest %2 · %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture is too large for this computer&apos;s memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 holds no PNG, TIFF or JPEG.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a printing condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ICC output profiles (*.icc *.icm)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>display&apos;s white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>paper&apos;s white</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Core</name>
    <message>
        <source>needs one of the keys daylight, blackbody, xy, uv, or is &quot;native&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This aim asked for the inverse of the Rec. 709 camera curve. Displays are to follow BT.1886, so that is what it asks for now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>black body </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>native white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>native luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>native black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> matched by eye (Δu&apos;v&apos; </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no chromaticity: y must be above 0 and x + y at most 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must have 1 to 200 characters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Image editing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Web and office</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film in a dim room</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the display is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beside the print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the aim asks for %1 cd/m² at %2, the display reaches %3 there. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the aim asks for %1 cd/m² at %2, the display reaches %3 there because no red is left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the aim asks for %1 cd/m² at %2, the display reaches %3 there because no green is left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the aim asks for %1 cd/m² at %2, the display reaches %3 there because no blue is left. Raise its brightness, or aim at %3 cd/m² or less, or at a white nearer to its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the aimed white (x %1, y %2) lies outside what its primaries can mix. Choose a white nearer to its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the aimed primaries span a gamut of which this panel covers %1 %. Choose a smaller one, or leave the primaries as native.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot mix the white %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose another white, or leave this display out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes two to share an aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shared by all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gives %1 cd/m² at this white: too little for any aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave this display out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a quoted text is not closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the file is empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A CGATS file (ISO 28178) is expected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unexpected text &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the field %1 stands twice in the data format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more than 2 million values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a row has %1 of %2 values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the data are empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a finite number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nested deeper than %1 levels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>larger than 32 MB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No file of ours is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the key &quot;%1&quot; is there twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the JSON text ends too early</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not valid JSON</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>NaN, comments and trailing commas are not allowed in JSON.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not usable JSON: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at least </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be true or false</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be a text in quotes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be a list of %1 numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is &quot;%1&quot;, not &quot;%2&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is this the right kind of file?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file was written for another version of Bold Lantern.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not a key known here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check its spelling or take it out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose one of: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the first column is not titled &quot;nm&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin with a line such as: nm,red,green,blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 values for %2 columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds no spectra: %1 wavelengths of %2 curves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give at least 10 wavelengths, every 20 nm or closer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wavelengths lie within 200 to 1200 nm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after %1 nm comes %2 nm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wavelengths rise in steps of 20 nm or less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no curve &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It holds: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no mixture of its red, green and blue has the chromaticity asked for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>native tone curve used before it was measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there are no colours in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the middle of the screen was not read in grey %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both ends of the scale are cut off: the lightest step has %1 % of white&apos;s light, the darkest %2 % of what it should have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The display takes a full signal for one of limited range (16 to 235).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the graphics card or the monitor&apos;s input to full range (0 to 255), then start again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lightest greys are alike: the step below white has %1 % of its light.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor&apos;s contrast is set too high, or a picture mode stretches it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lower the contrast until the lightest steps part, or choose a plain mode, then start again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The darkest greys are alike: the first step above black has %1 % of the light it should have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor&apos;s black level or brightness control eats them, or a picture mode deepens its shadows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Raise the black level if there is one, or choose a plain mode, then start again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The panel, or what drives it, has only six bits a channel.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White has %1 % of the light of its primaries together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A white subpixel, or a mode that boosts white: no profile can make its colours as light as its white.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White has only %1 % of the light of its primaries together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The panel holds back large bright areas, or a mode limits its power.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White is far from any daylight (x %1 y %2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A colour filter, a night light, or gains that were turned far.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Switch tints off and set the gains back, then start again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tone curve bends: its exponent goes from %1 to %2 between dark and light greys.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture mode (vivid, film, dynamic contrast) is at work.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Black has %1 % of white&apos;s light, and the greys above it rise flatly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A signal of limited range (16 to 235) is shown as if it were full, or light falls on the screen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the graphics card or the monitor&apos;s input to full range, and keep light off the screen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White in a small patch is %1 % lighter than on the whole screen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The display holds back large bright areas to save power or spare itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it gives %1 cd/m² at the aimed white, %2 are wanted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its contrast is %1:1, %2:1 is wanted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its white is Δu&apos;v&apos; %1 from the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its exponent is %1, the aim&apos;s %2: bending it costs levels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % of the aimed gamut is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its gamut is %1 % of the widest mode&apos;s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its colours do not add up (ΔE00 %1 in the mean): something inside works on them, which profiles describe badly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>readings of this run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: right after its calibration its figure &quot;%2&quot; was at %3 % of its limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: all figures are within their limits, and the one that comes nearest, &quot;%2&quot;, is at %3 % of its limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none has been proved within its limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none: each that was proved is within its limits after a calibration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: its light no longer reaches the aim, with its brightness at the top</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no bare paper (all inks 0) among the data</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare absolutely instead, with the paper&apos;s own white.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Soft proof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Viewing pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A set of limits needs a name to be called by.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds no limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 readings for %2 colours and white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point, Δu&apos;v&apos; from the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Luminance, from the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Luminance, at least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast, from the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast, at least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tone curve, mean luminance error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast per just-noticeable step, worst error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tint of the greys, mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tint of the greys, worst ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours, mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours, 95 % below ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evenness, luminance from the middle, worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evenness, Δu&apos;v&apos; from the middle, worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evenness, ΔE00 from the middle, worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours, worst ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot tell with this meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not judged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too vivid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too dull</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of another hue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 are %2 ΔE00 off in the mean, mostly %3: the display cannot reach them. The rest is within %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 are %2 ΔE00 off in the mean: the display cannot reach them. The rest is within %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 are %2 ΔE00 off in the mean, mostly %3: the profile itself is off there. More patches, or a larger grid, would help. The rest is within %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 are %2 ΔE00 off in the mean: the profile itself is off there. More patches, or a larger grid, would help. The rest is within %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 are %2 ΔE00 off in the mean, mostly %3, which is no more than this meter scatters there. The rest is within %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 are %2 ΔE00 off in the mean, which is no more than this meter scatters there. The rest is within %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 are %2 ΔE00 off in the mean, mostly %3: the display could show them but does not do what is expected of it there. Measuring it anew would help. The rest is within %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 are %2 ΔE00 off in the mean: the display could show them but does not do what is expected of it there. Measuring it anew would help. The rest is within %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>darkest greys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lightest greys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skin tones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No kind of colour stands out: all are off alike, by %1 ΔE00 at most. Calibrating and measuring anew would help.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No kind of colour stands out: all are within %1 ΔE00.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next come the %1 with %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 readings are too few for a profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure a chart of at least 24 patches.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure a chart with some greys: tone and grey balance hang on them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Adobe RGB (1998)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display P3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rec. 2020</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the readings do not tell red, green and blue apart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart needs patches in which the three differ.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not between 0 and 255</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the display&apos;s primaries span no colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>they cannot mix the display&apos;s white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by eye, without a meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its primaries cannot mix its white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose others, or leave them as native.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its primaries lie so far beyond the panel&apos;s that these cannot mix its white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White was %1 cd/m² and is now %2. The display dims by itself, a night light came on, or the meter slipped. Put it right, then go on: what was read since the last good white is read again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1x%2 is not possible</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose 1 to %1 fields a side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be code values from 255 to 32, each once, the brightest first and 128 at least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For example 255,128,64.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang the meter in the middle of the screen, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang the meter in the middle of the field in row %1, column %2 of the screen, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its channels span no colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fine-tuned by eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it does not see this screen: white and black read alike</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang it on the chosen display with its opening on the glass, then try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it was moved while its place was being searched</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let it hang still, then try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Switch off colour management, high dynamic range and night light for this display in the desktop&apos;s settings, then start anew.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This display says that its primaries are others than sRGB&apos;s, and sRGB&apos;s were measured. Either it is set to sRGB itself: then go on. Or the compositor converts colours, and the profile would be of what it makes of them: switch off colour management for this display in the desktop&apos;s settings, then start anew.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a code value of %1 arrives above the middle of the scale: the compositor changes tones on the way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the compositor converts colours on the way, or its video LUT has no effect: a primary is %1 % off the panel&apos;s own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the middle of the scale arrives lower than it was sent: the compositor changes tones on the way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The display is steady by the time the meter looks: nothing was waited for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After a change the display takes up to </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An ICC profile of an RGB display is expected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the data have no field %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is not the colour of a print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile is broken: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no profile of a print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot tell what it prints: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tells of colours that no print can have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the tag table names %1 tags, more than fit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reaches beyond the end of the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile is not one of an RGB display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile lacks the tables or curves to convert colours (%1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is no ICC profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile is cut off: its header says %1 bytes, the file has %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Little CMS could not write a tag: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a name could not be written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a text could not be written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the metadata could not be put in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a table could not be shared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile could not be given an ID: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be put together: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ICC version </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>profiles are written in version 2 (2.4) or 4 (4.4)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>grid of </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a table has an odd number of points a side, %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No copyright, use freely.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lantern 40</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lantern 72</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grey ramp, </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Primaries and secondaries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Saturation sweeps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Random colours, </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no whole number from %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark skin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light skin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue sky</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue flower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bluish green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>purplish blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moderate red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yellow green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>orange yellow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>neutral 8</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>neutral 6.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>neutral 5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>neutral 3.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>24-patch rendition chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot convert pictures: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give a profile of an RGB device.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>printing condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give an ICC output profile of the paper and the press.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write it as 2027-03-31.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lies before the date of issue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>states nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give at least &quot;any&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is not a surface colour (L* 0 to 100, a* and b* within 300)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>code values lie within 0 to 255</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more than 100,000 colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lacks the value %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not valid XML: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no colours found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A CxF3 file (ISO 17972-1) with ColorCIELab, ColorCIEXYZ or ColorSRGB values is expected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no list of colours was recognised</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A CGATS or CxF3 file is expected, or CSV whose first line names the columns name, L, a, b or name, R, G, B.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the list is empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has no pixels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no kind of correction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red (255 0 0)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green (0 255 0)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue (0 0 255)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white (255 255 255)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no reading of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A correction is made from red, green, blue and white at full drive.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was read as having no light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red, green and blue are seen as the same colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the sensitivities are on another scale than the CIE functions: white would be read as %1 times its luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Scale them so that a perfect meter&apos;s Y has its peak at 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be a correction: it turns colours inside out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 does not answer: it is unplugged. Plug it in again, check that it still hangs on the patch, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 took too long over a reading. Check its cable, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 saw more light than it can measure. Lower the display&apos;s brightness or keep lamps away from the screen, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 sent numbers that are no colour. Unplug it and plug it in again, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 does not see the patch. Put it back on the patch, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 wants to be zeroed. Cover its opening or lay it on a dark flat place, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The driver of %1 has stopped. Go on to start it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot do this. Use another meter, or enter the numbers by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 gives the same numbers for different colours. Unplug it and plug it in again, check that it hangs on the patch, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>meter fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no reading of white (RGB 255 255 255)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure a chart that holds white, black and some greys.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white was read as having no light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check where the meter sat and measure again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no reading of black (RGB 0 0 0)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white was read with %1 cd/m², black with %2: white is not the brighter one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Are the columns in order, and is the display not inverted?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a reading is not a finite number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was read as less than no light (%2 cd/m²)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zero the meter and measure again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was read with %2 and with %3 cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One of the two is wrong: take it out, or measure the patch again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 different patches, %2 and %3 among them, were read with the very same numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter was stuck: unplug it, plug it in again, and measure anew.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red, green and blue were read as the same colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check that the meter sits on the patch and that the patch is not covered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the table of %1 must have %2 rows and all three channels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is outside 0 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its video LUT or slot table falls somewhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure through one that only rises.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is outside 0 to 255</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cd/m² cannot be the light of a display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shares no patch with the readings in contact</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read at least black from where the eye is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tone curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>code value, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exponent over level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correction by the video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>output, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tint of the greys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before, a*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before, b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now, a*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now, b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys from white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamut on x y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamut on u&apos; v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of colours below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Error roses, </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over the limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&apos; ? std::string(</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is none of this run&apos;s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distance from the aimed white, Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tone curve, as gamma (of the aimed curve)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tone curve, luminance error, mean and worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tint of the greys against the measured white, mean and worst ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamut, part of sRGB&apos;s area in u&apos;v&apos; that is covered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White was matched by eye: Δu&apos; </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This panel&apos;s light is narrow-banded: its white need not look like that of another display or of paper with equal figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys from 5 % up against the aim: mean ΔE00 </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>RGB sent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>L* a* b* aimed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>L* a* b* measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of it out of gamut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, display serial </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter was changed before the stage &quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not confirmed before the readings: </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The patches were shown by a page in the browser of this device, which may convert colours on their way: the profile is of the display as that browser drives it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Certificate of the meter: </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (it had run out)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Monitor settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, red gain </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, expected error for all colours </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour accuracy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of all colours, as read: mean ΔE00 </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, shown through the profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, held against </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Readings of the display as it was found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Readings of the chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is missing or not what a report holds there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give a report.json that Bold Lantern wrote.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The display&apos;s name and size have to be entered by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an EDID has 128 bytes, here are %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not begin as an EDID does</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its checksum is wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red, green, blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must not fall anywhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its name says so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its primaries span %1 % of sRGB&apos;s area, more than plain white LEDs can.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was made in %1, when fluorescent lamps were the rule.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its primaries span %1 % of sRGB&apos;s area, as white LEDs do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds something that is no serial number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a serial number has %1 characters at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the serial number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds characters that cannot be printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Scan or type it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be removed: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rest of the logbook is not touched by this.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no object</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has no &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds keys of another version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is neither true nor false</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no whole number in range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no list of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no list of %1 numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look whether it is there and may be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no list, or stray no object</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds something that is no patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds something that is no colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds something that is no display, or too many of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be removed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check its permissions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bold Lantern</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds something that is no code value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is too large for a logo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take one of two megabytes at most.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no picture that reports take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a PNG, JPEG or SVG file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>state of the bench in the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not answer on its control channel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn its controls by hand, or go on without.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Driver program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>program and its options</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Command that prints X Y Z</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>command and its options</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers typed in by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing is expected after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the program is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For example driver:/usr/lib/meters/reed or command:&quot;read-once -q&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin with one of: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be taken up again: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start a new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this output has no video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start a new run: it leaves the tone curve to the profile. Or connect the display to another output.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the monitor has no memory slot that can be reached</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calibrate with the video LUT instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>corrected for </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its controls cannot be reached</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn them at the monitor.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is under way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finish, stop or discard it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be written: the disk is full</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make room on it, then try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be written: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the folder&apos;s permissions and the free space on the disk.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no such file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the path.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be read: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is larger than 64 MB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No file that this program uses is that large.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this folder cannot be made</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the permissions of the folder above it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing was measured in it through a profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a calibration, a proof or a check.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this check is not finished</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the run that it is held against is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was never read before a calibration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calibrate it once, or leave it out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was kept by a newer Bold Lantern and cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the logbook is damaged: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the disk is full, a reading could not be kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the logbook cannot be used: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make room on the disk, then go on: everything read before is safe.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the file&apos;s permissions and the disk.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close that program first, or use another logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>If no other program uses this logbook, take it over: the window asks, the command line has --take-over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its lock %1 cannot be understood</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this logbook is in use by %1, process %2, on the computer %3, says its lock %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this logbook is in use by %1, process %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this logbook cannot be written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the permissions of its folder and the free space on the disk.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run %1 is not in the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a reading&apos;s region cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the copy cannot be written: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no such logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>that is this logbook itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>readings are missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the logbook was written by a newer Bold Lantern</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use that version, or another logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>identity TEXT NOT NULL DEFAULT &apos;&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>workstation TEXT NOT NULL DEFAULT &apos;&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>person TEXT NOT NULL DEFAULT &apos;&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note TEXT NOT NULL DEFAULT &apos;&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be put in its place: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the permissions of its folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is such a file already</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name one that does not exist.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its version %1 is too old to be rescued</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing of a logbook can be read from it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of its readings are missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the result of its stage %1 is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not what belongs there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>are not those of this version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not a list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds a row of another length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a row of its table %1 is damaged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds a stage %1 that this version does not know</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has no identity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its kind is another than its setup says</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a stage of it is there twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>address of the shared book</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is no address that begins with postgresql://</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it names no database</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its setting %1 has a value that cannot be used</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its setting %1 is not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another workstation has brought a run of that identity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the server refuses: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check user and database, and give the password: book password, or a line in a .pgpass file that only you can read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the shared book cannot be used: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&apos;), QStringLiteral(</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&apos;) + doubled + QLatin1Char(&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&apos;) + text + QLatin1Char(&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the driver for PostgreSQL is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Install the package libqt6sql6-psql.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no shared book yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make one, by somebody who may: bold-lantern-cli book init URL.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the shared book was made by a newer Bold Lantern</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use that version.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is no name for a workstation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it says to be another run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the run it is held against has no profile or no readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start a new run instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>profile of the last run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang the meter on the light field.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Now hang the meter on the light field.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter lies across the edge of the light field, or moved. Hang it in the middle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile is not the one that was kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is none of this kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the readings of this run do not fit its plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this run holds more readings than its plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no profile is in use on it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Install one, or give one to be proved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>profile of this run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not say what code values should look like: its tone or its primaries are the display&apos;s own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose an aim with a tone curve and primaries, or prove the profile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the display has now cannot be noted there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is the disk full, or the folder not yours to write?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another program is measuring this display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait until it is done, or stop it there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the panel&apos;s brightness cannot be turned: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn it with the keys of the keyboard and go on without.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The display does not say who it is, so its control channel cannot be told from others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library for control channels, libddcutil, is not installed. Install it, or turn the controls by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The control channels cannot be searched: %1. Load the kernel module i2c-dev and allow yourself its devices, or turn the controls by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor does not answer on its control channel. Turn its controls by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor&apos;s control channel cannot be opened: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor answers but lets none of its controls be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its %1 cannot be read any more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is it still connected?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its %1 cannot be set: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn it by hand, or go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Built-in panel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is not installed here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Install the whole program.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the link cannot be made</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>May this folder be written?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it cannot be removed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This desktop&apos;s compositor lets no program load a video LUT on it, or another program holds it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This output has no video LUT.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>secret service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the password cannot be kept: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without one, keep it in a .pgpass file that only you can read (mode 600), a line host:port:database:user:password.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter of the desktop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sensor&apos;s id</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>D-Bus Interface</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another program of ours holds its video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another display is being measured there, or that program hangs: end it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the compositor does not lend its video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another program holds it: end night light and whatever else tints the screen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its video LUT cannot be loaded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is the display still connected?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its video LUT cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>colour service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile could not be declared: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wayland compositor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is none to talk to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the X server does not answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is the display server still running?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no X server to talk to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile could not be withdrawn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile could not be declared to the desktop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>X server</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>display server</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no X server or Wayland compositor with an active output answers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start a desktop session. Simulated displays need none: --demo for the window, --display on the command line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no display is connected there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These are: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a profile that was made for this display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>default-src &apos;none&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tells nothing sensible of its screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile (ICC)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be listened on: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose another address or port.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no device that was paired</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not ship with the bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose reference or colorimeter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be a list of 1 to 64 peaks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be three rows of three numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number is expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>g must be within 0.5 to 5 and s within 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is true, and a built-in panel has no gains</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this white cannot be mixed from the primaries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It must lie inside the triangle of red, green and blue.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>code value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>KIND@READING is expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a value is expected after it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no option of this program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Options: --display --meter --technology --seed --fault --misbehave.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this driver does not know </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing is in front of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as asked for by --fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>must be a list of 1 to 32 modes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a reading failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>three rows are expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows of R, G, B, share are expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is of no kind that diagrams are saved as: .%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give it the ending .svg, .pdf, .png or .csv.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be read as a picture: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PNG, TIFF and JPEG are understood.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open Sans</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no finished run tells what it shows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no display of that id or name is in the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Displays in it: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within uncertainty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no colours were proved in this run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the two proofs have no colour in common</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Prove both with the same set of colours.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody has read yet what it can do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For example unplugged@40.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is not said which: give --url or --logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this logbook goes with no shared book</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Join one: bold-lantern-cli book join --logbook FILE --url URL.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>others can read this file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make it your own alone: chmod 600.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is needed for this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, over an encrypted connection</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard input</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the password is expected, in a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left: run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no display of that id or name is in the book</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the same command again to go on from the last reading.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was stopped from outside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart of </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds no finished run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the folder that run --out wrote.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shows another display than the run was made on (%1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its run has no profile to check against</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a name (A, D50, D55, D65, D75, E) or X,Y,Z above 0 is expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For example --white 95.047,100,108.883.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a chromaticity with y of 0 or less has no luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>— (too far from the locus)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two numbers between 0 and 1 with a comma between are expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For example %1 0.3127,0.3290.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is outside %1 to %2 K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>just one of --cct, --daylight, --xy and --uv is expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the light to match is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give --daylight as well.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x + y is above 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On a real display give driver:PROGRAM, command:PROGRAM or hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is the simulated displays&apos; own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>profile in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one that cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one is loaded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none is loaded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whole numbers are expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For example 5x5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two numbers are expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this folder holds an unfinished measurement with another %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the same options to go on with it, or another folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>X Y Z of </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x,y of a chromaticity is expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For example 0.3457,0.3585.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no other profile of this display is known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give one with --use FILE.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at an unknown time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard input, line </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With losses: run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lost: run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> falls by </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> rises by </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no such figure is followed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each seen by itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>side by side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard output</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be written to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ADDRESS:PORT is expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For example 192.168.1.20:8417, an address of this computer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>was stopped before a device was there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, expected for all colours </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all agree</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CIE 1931 observer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing to make it from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give --meter and --reference, or --sensitivities and --spectra.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the folder of a finished run, or a logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is of no kind that reports are written as: .%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give it the ending .pdf, .html, .json, .csv or .cgats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give a file ending in .svg, .pdf, .png or .csv.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>corrected by </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this folder holds a run with another %1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no memory of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave the option out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has %2 slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2 (v2.4) or 4 (v4.4) is expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an odd number from %1 to %2 is expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is for simulated displays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>are for --page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave them out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its files in the folder stay as they are. Give another --out for a new run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this run is marked as finished, but parts of it are missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no aim, or its tone or primaries are the display&apos;s own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give --aim with a tone curve and primaries, or a space.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Readings of a real display are kept: give a folder for them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no profile is in use on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the profile to be proved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Correction</name>
    <message>
        <source>&amp;Read with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Two meters are needed; %n has read so far.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Choose two different meters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On white %1 is off by x %2, y %3 and %4 % in luminance.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Desk</name>
    <message>
        <source>never measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yesterday</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 days ago</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>checked today</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>validated today</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · ΔE00 %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checked: it holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checked: drifting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checked: run it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · on the bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · unfinished</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs you</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no reading yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 lx · %3 K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Built-in panel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This desktop&apos;s compositor lets no program load a video LUT on it, or another program holds it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This output has no video LUT.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>DriverMeter</name>
    <message>
        <source>its driver did not answer and was stopped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its driver sent a line without end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be started</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is a simulated meter and there is no bench here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its driver sent &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its driver does not speak version 1 of the protocol</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Even</name>
    <message>
        <source>Row %1, column %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: not read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 of the middle&apos;s light, %3, Δu&apos; %4, Δv&apos; %5, %6</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Evenness</name>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grey %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter lies across the edge of the light field, or moved. Hang it in the middle.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It hangs where it should. Reading; let it hang.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All is read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang the meter in the middle of the screen, on the light field.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang the meter on the light field: row %1, column %2. Any other field will do, too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White is %1 to %2 of the middle&apos;s light; the worst colour is Δu&apos;v&apos; %3 from it, ΔE00 %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2, limit %3)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over the limits &quot;%1&quot; in %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This meter cannot tell whether it is within &quot;%1&quot; in %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Within the limits &quot;%1&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The limits &quot;%1&quot; ask for no evenness.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor&apos;s own compensation costs %1 of white (%2 instead of %3 cd/m²); the worst field is off by %4 with it, by %5 without.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 to %3 of the middle&apos;s light, worst ΔE00 %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evening it out would cost %1 of white&apos;s light (%2 cd/m² would be left), with its colour %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evening its light out would cost %1 of white (%2 cd/m² would be left).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White in the middle changed by up to %1 while it was measured; that is taken out. Uncertainties are the meter&apos;s scatter; how it was hung is not in them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some fields were not read: the figures are of those that were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00 %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beginning…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not measured yet. The meter is hung on one field of the screen after the other; each is lit until the meter is seen there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A measurement was stopped before its end; all that it read is kept, and it can go on.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>EvennessMap</name>
    <message>
        <source>Map of the screen</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>EvennessView</name>
    <message>
        <source>Evenness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light and colour all over the screen, against its middle. The meter hangs on one field after the other; the screen shows which, and sees by itself that it is there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fields</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys to read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor&apos;s own compensation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grey shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meas&amp;ure evenness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on &amp;with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enough: &amp;keep these</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>EyeExamples</name>
    <message>
        <source>How this step looks when it is off and when it is right</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>EyeMatchRow</name>
    <message>
        <source>The white as read matches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget the match</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the display until its white looks like the paper or the other display, have it read, stop the run, then press this.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>FineTuneModel</name>
    <message>
        <source>%1, %2 cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Δu&apos;v&apos; %1 from the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 cd/m² from its %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>brightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turned %1. What that did was not read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cooler</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warmer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pinker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>greener</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turned %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White is being read…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read: %1; %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The controls were turned and nobody read what that did: a profile kept now does not know of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is being read…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>darker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lighter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its tint, Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light, cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Middle greys, ΔL*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White %1; %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A channel has no more to give, so that it is darker than asked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nearest that whole steps of this output can come: Δu&apos;v&apos; %1 away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Being made…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep as a profile</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>FineTuneView</name>
    <message>
        <source>Fine-tune</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Equal figures need not look equal. Small steps of known size on top of the calibration, until the eye agrees with the print or the other display; none of them is lost, and each can be taken back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over the &amp;whole display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold: as before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back t&amp;o the calibration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read wh&amp;ite</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep as a profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Prove what is in &amp;use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor&apos;s own controls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter hangs there: read each &amp;turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name, such as “beside the booth”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With the meter on the display: how far this white is from the aim.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A profile of its own name that says it was fine-tuned by eye, and its video LUT; the page Profile has it beside the others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With the meter: colours through the profile in use, with a verdict.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arrows: white   Page Up, Page Down: light   + −: middle greys   Space held: as before   Esc: back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: one less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: one more</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Gamut</name>
    <message>
        <source>this display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This display: %1 thousand cubic ΔE*ab</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Being worked out…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Volumes appear when there is a profile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The display&apos;s own triangle appears when its primaries have been read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 points lie within this display&apos;s gamut.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>GamutView</name>
    <message>
        <source>Gamut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The colours the display can mix.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamut in u&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamut in x y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Section</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First gamut to compare with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Second gamut to compare with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours shown in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lightness of the section</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Solid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamut in numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vol.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of ours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Thousand cubic ΔE*ab</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much of it this display holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much of this display&apos;s it holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drawn beside it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the chart as read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the colours proved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of a picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ICC profiles (*.icc *.icm)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.tif *.tiff)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>L* %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A profile&apos;s file…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Keeper</name>
    <message>
        <source>It was to be renewed by %1. What is measured goes on, but its uncertainty is no longer vouched for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is to be renewed by %1. Laboratories take some weeks.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LabSolid</name>
    <message>
        <source>Gamut as a solid in L*a*b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drag or use the arrow keys to turn it; wheel, + and - make it larger or smaller.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turned by %1 degrees, seen from %2 degrees above. As wires: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LedgerWords</name>
    <message>
        <source>Ready</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evenness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>% of middle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 ± %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>date of the last run</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 that are to be alike.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How alike they are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Carry the meter to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Connected as %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read the reference unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, to see that the meter is still the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Scan the next serial number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Connect it and hang the meter on it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The report is saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run is complete.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the last run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One minute with the meter; changes nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This display holds: nothing has to be done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run again with the same aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with the unfinished run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every reading taken is kept. Run menu: discard it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Most failures come from skipping this.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ready: choose the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with 1 point open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with %1 points open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each open point can spoil the readings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Into slot %1 of the monitor.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use this aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading again and again while you turn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with white as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % too dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % too bright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White is right: go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The controls can do no more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still too much red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still too little red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still too much green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still too little green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still too much blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still too little blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>native</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tone curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gamma</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>% off %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tint of greys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00, worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>% of aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>% sRGB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour accuracy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Preparing the demo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier runs are being measured.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paused; nothing is lost.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same patch is read again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose another aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New run with this aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run just made is kept as it is.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Light</name>
    <message>
        <source>%1 instead of %2 cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Screen work in %1 lx: %2. The eye goes along with the room, by about the fourth root of its light (common practice, no standard).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As light as unprinted paper in it: %1 cd/m².</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its white: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No light is chosen above, so the profile is of the screen alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has not been measured on this display, so the profile is of the screen alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dark screen throws back %1 cd/m².</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of its contrast of %1:1 the eye gets %2:1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The screen is dark; the meter reads…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read from a distance: %1 cd/m². Now lay the meter on the screen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read on the screen: %1 cd/m². Now hold the meter a hand&apos;s length off, where your eye looks from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the meter a hand&apos;s length from the dark screen and read; then lay it on the screen and read again. The difference is the room&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the room or a viewing booth: diffuser on the meter, facing the light, where the print lies. Read it a few times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · mean of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 lx</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run under way stays as it was begun.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The Keeper does it: switch it on, on the page Profile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a kept light above to hold it against.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It tells when the room has less than half or more than twice the light of %1. The meter lies on the desk, diffuser up.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LightView</name>
    <message>
        <source>Light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The light around the desk decides how light a screen has to be, and how much is left of its black.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read the light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read from a hand&apos;s length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read on the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read and kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name, such as Studio in the evening</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept lights</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Illuminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the aim can take from it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lightness of the paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>paper L* </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White papers have L* 93 to 95: they send back 83 to 88 % of the light.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the eye gets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the profile is made for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile of the screen alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile for the light chosen above, thrown back by the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile for what this screen was measured to throw back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reflectance of the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reflectance </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Matt screens throw back 1 to 2 %, glossy ones up to 5 % (common values).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Watched by the Keeper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How often the Keeper reads the room</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Never</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every 30 minutes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every 4 hours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (used)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read it again</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LimitsDialog</name>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a standard with its number, or &quot;common practice&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it comes from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Difference of colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An empty limit is not asked for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limits (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; in the row %2 is no number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limits</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LivePlots</name>
    <message>
        <source>Readings so far</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Expected error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>readings</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LogModel</name>
    <message>
        <source>%1: %2 of %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, discarded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, unfinished</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LogbookGate</name>
    <message>
        <source>The logbook is locked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1

Take it over?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is damaged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is damaged: a failing disk, or it was cut off.

What it still holds can be put into a new one that takes its place; the damaged one stays beside it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rescue it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Leave it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs in the new logbook: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With losses, %1:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lost, %1:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Readings of lost runs are in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The damaged one is kept as %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook was rescued</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LogbookView</name>
    <message>
        <source>Logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Workstation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Person</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;ync now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bac&amp;k to the newest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Report…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>E&amp;xport…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs and checks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All work</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Any verdict</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Any time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last 30 days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last year</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All displays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All meters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All workstations</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All people</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shared book: being kept in step…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shared book: not reached; what is new waits here. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shared book: in step at %1; brought %2, fetched %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shared book: not asked yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The connection is not encrypted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every view shows this run until another is begun or opened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures as this run&apos;s display showed them then, and as now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes it out of lists and trends; Edit, Undo brings it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lines shown, with all figures, as CSV.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the lines shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lines shown are in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open: %1, %2. Every view shows that run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All that was done, newest first. A stroke for each figure; the dotted line is its limit.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Mark</name>
    <message>
        <source>Not measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Within tolerance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Judged by eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check due</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MatchFields</name>
    <message>
        <source>Match fields</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 %3, over the limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MatchModel</name>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>never read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done, with another aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>under way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not connected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gamut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, ΔE00 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All can share %1.%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Estimated: one was read with its brightness below the top.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 gives the least light.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has the least contrast.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In common they have %1 of sRGB and %2 of P3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read on both: %1 and %2 differ most, by ΔE00 %3 ± %4 in the mean; their whites by Δu&apos;v&apos; %5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Most, cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gives up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Displays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Largest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the displays that are to be alike, two at least. What all of them can share is known before anyone spends an hour.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is being read…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By one meter: what it is off by on either display is not in it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MatchTarget</name>
    <message>
        <source>Lined field with a solid one in its middle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dark bars on black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light bars on white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grey fields</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MatchView</name>
    <message>
        <source>Alike</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Several displays of this computer with one look: an aim that all can reach, their runs one after another with the same meter, and then the proof that they agree.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Displays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How alike they are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read what it &amp;can do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make them ali&amp;ke</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Leave the match</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>M&amp;ove the patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the displays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fine-&amp;tune the second…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen display, as its controls stand now: half a minute with the meter on it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs that are done stay as they are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both displays turn black but for the patch. Left, Right and Space move it, Esc ends it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MemoryModel</name>
    <message>
        <source>Slot %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Made</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no memory of its own that the program can reach. Its calibration goes into the video LUT.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor shows %1, but the profile in use goes with %2: colours are wrong in every program.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is in use: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing of it is calibrated yet. Choose where the next run goes, and run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This memory mixes primaries: those that the aim names are made in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This memory holds tone curves only; primaries stay the panel&apos;s own.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MemoryView</name>
    <message>
        <source>Monitor&apos;s memory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some monitors keep calibrations themselves, several of them, and change from one to the other at once. Each goes with a profile of its own; both are changed together.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Meters</name>
    <message>
        <source>Meter of the desktop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sensor&apos;s id</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Driver program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>program and its options</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Command that prints X Y Z</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>command and its options</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers typed in by hand</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Modes</name>
    <message>
        <source>None was read yet. Set a picture mode at the monitor, say how it is called there, and read it: half a minute each, one after the other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; was read. Set another one at the monitor and read that, too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing speaks against it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least speaks against it: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For this aim start from &quot;%1&quot;: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of &quot;%1&quot;, %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White
K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Δu&apos;v&apos;
from aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White
cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at aim&apos;s
white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamma</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>% of
aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>% of
widest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Adds up
ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Even
% of mid.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>User colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Standard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sRGB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wide gamut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vivid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a field gives %1 % of the middle&apos;s light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is being read.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ModesView</name>
    <message>
        <source>Picture modes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A monitor has modes of its own, and some of them do things to colours that no calibration mends. Each is read as it is, without a video LUT.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The mode that is set at the monitor now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read this m&amp;ode</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forge&amp;t it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Its evenness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the monitor calls it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the chosen mode off this list. Edit, Undo brings it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four fields of the screen against its middle, in the chosen mode, which has to be the one that is set at the monitor now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: nothing speaks against it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Against %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mode</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MovingPatch</name>
    <message>
        <source>A patch that moves from one display to the other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, on %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Pages</name>
    <message>
        <source>the page is closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page not in front</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ready</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ready, not the whole screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>very wide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>about sRGB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Device</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It says</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Answers in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>127.0.0.1 (this computer only)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 ms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing listens on the network now. Choose the address that the device can reach this computer by, and open the page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the device, open this address in a browser and type the code. It then stands on the Desk beside the other displays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One device is connected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 devices are connected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Each is measured like any other display of the Desk; its page offers the profile afterwards.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>PagesView</name>
    <message>
        <source>Other devices</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tablet, a phone or another computer shows the patches in its browser, while the meter hangs on it and is read here. Nothing has to be installed there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The browser may convert colours on their way: the profile is of the display as that browser drives it. Nothing can be loaded into a device, so its tone stays its own. What is sent is not encrypted: open the page in a network that you trust, and close it afterwards.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Address of this computer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meas&amp;ure it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forge&amp;t it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Devices</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>code</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>or scan this with its camera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Port</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>port</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has to be paired anew before it shows patches again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F2 or a double click gives it another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cl&amp;ose the page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open the page</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>PatchServer</name>
    <message>
        <source>Profile (ICC)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Report</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>PictureStage</name>
    <message>
        <source>Before and after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before on the left %1 %, now on the rest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean difference ΔE00 %1, largest %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The display as it was</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00 %1 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00 %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>PrimariesEdit</name>
    <message>
        <source>Native</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x, y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>u&apos;, v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>R</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>G</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>B</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>u&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Primary %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Profile</name>
    <message>
        <source>Tables follow the display where its primaries do not add up; curves and matrix are in it too, for programs that read no tables.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Curves and matrix: a few kilobytes that every program reads; right where the primaries add up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One exponent for each channel: the smallest, for programs that read nothing else.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Version 2 is for programs that do not know version 4 yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 patches, not read yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 readings; expected error for all colours %2 ΔE00 in the mean; %3 kB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Being worked out…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Curves and matrix</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exponents and matrix</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 ΔE00 in the mean, %3 kB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chosen by you; the next run puts its own in its place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A check is due now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next check in about %1 days, by how its light drifts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next check in %1 days. Its drift is not known yet: that takes three proofs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desktop&apos;s colour service has no profile for this display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is the default in the desktop&apos;s colour service too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desktop&apos;s colour service has another: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A profile will be described here when a run has measured this display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What this run makes. Name and kind can be changed until it is built.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the last run on this display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>●  Yes: read back from %1, byte for byte</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>⊘  No: %1 names %2 profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>●  Loaded: read back from %1, all entries agree</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>⊘  Not in force: another LUT is loaded</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ProfileView</name>
    <message>
        <source>Profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pr&amp;ofile name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Made for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Made from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Expected error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>File</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Registered with the desktop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Names, copyright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kind of profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Curves and matrix</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exponents and matrix</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ICC version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ICC version %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Points a side of the tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 points a side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profiles of this display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Made</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use the &amp;previous one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Into the waste basket; Undo brings it back. Key: Delete.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For all users…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copies it to where every user of this machine finds it; may ask for a password.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From day to day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep it in force from every login on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A small helper, the Keeper, loads profile and video LUT at login, after sleep and when a display is connected, tells when another program has changed them, and reminds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remind of a check after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>never</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Days until a reminder</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Proof</name>
    <message>
        <source>Lantern 72</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lantern 40</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rendition chart, 24</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skin, 24</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grey ramp</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Primaries, secondaries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Saturation sweeps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fresh random colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the aim, no profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, no profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>against %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aimed white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measured white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>perceptual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows these colours through what is in force on the display, whoever made it, and reads them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run is under way.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ProofPanel</name>
    <message>
        <source>Change…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Prove no&amp;w</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours of the proof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Difference formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White of the proof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is proved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rendering intent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edit…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number of colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A file: CGATS, CxF3 or CSV with Lab or RGB; a print control strip, spot colours, a picture&apos;s key colours.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Relative to measured white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Relative to aimed white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colorimetric</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Perceptual, with black point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sent through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Intent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a list of colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lists of colours (*.txt *.cgats *.ti3 *.cxf *.xml *.csv);;Pictures (*.png *.jpg *.jpeg *.tif *.tiff);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These limits were made for another formula: their numbers are kept and mean something else now.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>QCoreApplication</name>
    <message>
        <source>Keeps each display&apos;s profile and video LUT in force, tells when another program has changed them, and reminds of displays that are due for a check.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>Measures displays, brings them to an aim and proves it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>File of the logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simulated displays and meters instead of real ones.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display to begin with, by its id.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>View to begin with, e.g. check.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Aims, pictures, readings, profiles … to open.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bold Lantern cannot start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard input has ended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The backlights here belong to other panels.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The kernel shows no backlight of this panel.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Ready</name>
    <message>
        <source>&amp;Watch it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reads white every 15 seconds, five minutes at least, until it changes by less than 0.5 % in ten.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F&amp;ind the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lights parts of the screen until the meter is found, and puts the patch under it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serial %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2 pixels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>built in, its brightness can be turned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>built in, nothing to turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answers on its control channel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turned by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tone curve stays the panel&apos;s own, and the profile carries it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A Wayland session.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An X11 session.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Video LUTs can be loaded.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No video LUT can be loaded: tone curves stay the panels&apos; own, and the profiles carry them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Video LUTs can be loaded on %1 of %2 displays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The Keeper holds them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They last as long as a program holds them: switch the Keeper on, on the page Profile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its colour service tells other programs of profiles.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No colour service runs, so other programs do not hear of profiles: open the profile&apos;s file in those that ask for one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Other programs hear of profiles from the X server.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Desktop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go through the points below, then press the button on the left. A display takes about a quarter of an hour.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a meter in the Meter menu. Without one, View, By eye helps to set brightness and contrast.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As detected: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It decides how the meter is corrected: the wrong one makes white wrong.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ReadyView</name>
    <message>
        <source>Ready</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the program can check it has checked; tick the rest. A point left open does not stop you, but is noted in the report.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ReadyWords</name>
    <message>
        <source>Display warm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour and luminance drift while a panel warms up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White is stable: it changes by less than %1 % in ten minutes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still warming, about %1 minutes more: white drifts by %2 % in ten.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On for %1 minutes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known to be on for %1 minutes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter connected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without it nothing can be measured.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 answers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 does not answer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter&apos;s certificate is in force</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Past its date nobody vouches for the meter&apos;s uncertainty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It ran out on %1. Have it calibrated.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Until %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter fits this panel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A colorimeter without a correction misreads some kinds of panel. The Meter menu makes one; a spectral meter needs none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It needs no correction.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter hangs flat on the patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A gap lets in light and reads too dark.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found, steady, and the patch has been put under it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its readings swing: it hangs crooked or moves. Tilt the screen back a little.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light leaks in, or black is unusually bright here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Monitor at its factory settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture modes and dynamic contrast hide or move the controls.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Night light off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A night light tints everything that is shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is on. Switch it off in the desktop&apos;s settings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Automatic brightness and HDR mode off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This machine has a light sensor that may turn the brightness.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whatever moves light or colour by itself spoils the readings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Screen saver and dimming off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>If the screen goes dark, readings are wasted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held off while measuring.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On mains power</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On battery a laptop dims its panel.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It runs on its battery. Plug it in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No other program&apos;s video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is put aside while measuring; a program that loads it again spoils the run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No light on the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter reads light that falls on the glass as the screen&apos;s own.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message>
        <source>page %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>RoomWatch</name>
    <message>
        <source>%1 lx instead of the %2 lx of %3: screens look dark in it. %4 instead of %5 cd/m² would suit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 lx instead of the %2 lx of %3: screens look too light in it. %4 instead of %5 cd/m² would suit.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>RunBar</name>
    <message>
        <source> · expects ΔE00 %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, asked for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · paused, %1 of %2 read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · waiting for you</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · reading %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · reading %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ScanCode</name>
    <message>
        <source>Address and code, to be scanned</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>SettingsView</name>
    <message>
        <source>Settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is chosen once and then kept. Each is in force at once; what belongs to one display or one run is on its own page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lang&amp;uage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Middle grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>High contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Grey in all of them. What surrounds a colour changes how it looks: judge by eye with the looks that your other programs have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Looks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter and patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Correction from a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correction of the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Corrections (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cert&amp;ificate…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Certificate of the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Certificates (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Certificate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side of the patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> pixels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At 100 % scale. It has to be twice as wide as what the meter sees, or more; on panels that limit their light a small one is brighter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side of the pa&amp;tch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profiles and proofs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Names, copyright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Version of ICC</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Version 4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Version 2, for old programs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ICC</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limits t&amp;hat displays are held to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Who makes the reports…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reports</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reminders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>never</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Days until a reminder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remind of a check after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep profiles in force from every login on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open its folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bac&amp;k it up…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Aims, limits, charts, lights and corrections of your own lie beside it, a file each. Where files are opened and saved, the program begins in the folder of the last time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No program here opens folders. It is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None chosen yet: menu Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · another one: menu Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, to be renewed by %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without a studio&apos;s name</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>SoftProofView</name>
    <message>
        <source>Soft proof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The &amp;paper&apos;s own white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read it on the displa&amp;y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pict&amp;ures on this paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours that cannot be shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed L* a* b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shown L* a* b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a printing condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printing conditions (*.icc *.icm *.txt *.ti3 *.cgats);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it cannot show, the worst first</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>SoftProofing</name>
    <message>
        <source>print %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>95 % are below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These limits say nothing of colours in ΔE00.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By its profile this display can proof this paper.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By its profile this display cannot proof this paper.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, luminance and contrast only a reading tells.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not read yet: all this is foretold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read %1: it can proof this paper (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read %1: it cannot proof this paper (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read %1: this meter cannot tell (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: L* %2 a* %3 b* %4, shown within %5 ΔE00.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of its %1 colours can be shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % of its %2 colours can be shown. The rest is off by %3 ΔE00 on average, by %4 at worst.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Can this display stand for a print? Open a printing condition: a characterisation (CGATS) or an ICC output profile. It can be dropped here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print is being worked out…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the display makes of this print is told once it has a profile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Outer field the print, its paper&apos;s white included; inner spot what the display shows of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Outer field the print, seen from its paper&apos;s white; inner spot what the display shows of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows %1 of its colours on the display and reads them.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Stages</name>
    <message>
        <source>How fast it settles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read the display as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First how fast its light settles, then what it shows, for comparison.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Learning how fast it settles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, black, primaries and nine greys, for comparison.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Adjust white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Adjusting white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tone and grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calibrate tone and grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calibrating</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measuring</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Build the profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the readings just taken.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Building the profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Install</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Install the profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For your account; it takes effect at once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Installing the profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Validation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Validate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known colours are read through the profile, greys and white against the aim.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Validating</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warming up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Watching it warm up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where is the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checking</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading four colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evenness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measuring evenness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture mode</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the picture mode</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>StagesWords</name>
    <message>
        <source>Measure until ΔE00 %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure for %1 minutes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure %1 patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then the profile is built from them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 readings with the whites in between. Then the profile is built from them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You turn, the program reads and advises.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The program turns the panel&apos;s brightness.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The program turns the monitor&apos;s own controls.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys are read and the video LUT is corrected until it fits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This output has no video LUT: greys are read, the tone curve stays the panel&apos;s own, and the profile carries it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>StartView</name>
    <message>
        <source>First steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a display as it was bought to one that is proved. F1 explains any page beside it; the handbook is in the menu Help.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1, done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>StartWords</name>
    <message>
        <source>Choose the display and the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Displays stand along the top as they stand on the desk. The meter is chosen in the menu Meter; one that the desktop knows is found by itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, read with %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; no meter yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No display was found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;To the checklist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what the display is for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An aim is a white, a brightness and a tone curve. There is one ready for each kind of work, with the reason beside it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the a&amp;im</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang the meter and begin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The large button at the lower left always does the next thing. It leads through the monitor&apos;s own controls, the greys, the chart and the proof. Every reading is kept as it comes: you can stop, or be stopped, at any time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>under way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the &amp;white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>See how good it has become</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours that the profile was not made from are shown and read. Their differences, in ΔE00, are the proof; the report can be saved and given to whoever asks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00 %1 in the mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the pr&amp;oof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Come back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Displays drift. A check takes a minute, and a reminder comes when it is due; the logbook keeps every run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>a reminder after %n day(s)</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>no reminder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the reminders</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Tone</name>
    <message>
        <source>Luminance of the greys is off by %1 % in the mean, %2 % at worst.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Gamma %1, the aimed curve %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Contrast per just-noticeable step is off by %1 % at worst.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aim: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before, a* and b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after that run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, a*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys from 5 % up, against the aim: mean ΔE00 %1, worst %2 · %3 of 256 levels kept · corrected %4 times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lightness of the greys and their tint. The curves of the video LUT appear when the greys have been calibrated.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lightness of the greys and their tint. This output has no video LUT: the tone curve stays the panel&apos;s own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lightness of the greys, their tint, and what the video LUT does. Nothing measured yet: the main action on the left leads there.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ToneView</name>
    <message>
        <source>Tone, grey and black</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lightness of the greys, their tint, and what the video LUT does to get there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tone curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>input, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tint of the greys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a*, b*</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Video LUT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change, %</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Trends</name>
    <message>
        <source>%1 loses %2 % of its light in 30 days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 gains %2 % of light in 30 days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: falls by %2 in 30 days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: rises by %2 in 30 days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Black, luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Coverage of P3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: read too seldom to tell how it drifts. It takes three proofs, two of them after one calibration.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no limit is set for it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is outside its limits now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it stays within its limits as far as can be told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>outside its limits in about %1 days (%2 to %3, eight times of ten)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>outside its limits in about %1 days, in %2 at the earliest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>odd readings left out: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it jumped once: a control, a mode or the meter&apos;s place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: calibrated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: calibrated to another aim, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: another meter, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: the certificate of %2 runs out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drift</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its range, 8 of 10</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calibrated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>meter, certificate, note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was never read on this display.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It should be looked at again by %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>TrendsView</name>
    <message>
        <source>Trends</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How a figure went since the first reading, and where it goes. Bars: twice the standard uncertainty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last year</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last 90 days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What happened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing has been measured yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is being read…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>TuneSheet</name>
    <message>
        <source>Sheet to compare with a print or another display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left and Right: cooler and warmer; Up and Down: greener and pinker; Page Up and Page Down: light; + and -: middle greys; Shift: farther; Space held: as before; Home: back to the calibration.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>VerdictWords</name>
    <message>
        <source>within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot tell</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not judged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bright enough</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>contrast per step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>greys, mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>greys, worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>evenness of light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>evenness, Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>evenness, ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>colours, mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>95 % are below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worst colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each ± (k = 2) is made of. What the scatter of the readings adds to a difference is taken off the figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>scatter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>certificate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drift</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limits: %1 (%2).</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>White</name>
    <message>
        <source>red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>back %1</source>
        <comment>back up about 3</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Red gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Green gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Blue gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its light fell by %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its light rose by %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: the number typed in does not fit, for %2. Look at what the monitor shows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, and its number here is the old one. Type in what the monitor shows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No white has been read yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in u&apos; towards red</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in u&apos; towards green</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in v&apos; towards yellow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in v&apos; towards blue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White is %1 from the aim in Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> An arrow shows where the advised turn of %1 leads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>native</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 K (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aim %1 · Duv %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aim %1 · x %2 y %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aim %1 cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aim: native</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Let the program turn them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Turn them by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This display has nothing to turn: the video LUT brings white to the aim.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This display has nothing to turn, and its output no video LUT: white stays its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White and luminance were good as they stood: nothing was turned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Noted in the report.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was typed in, so the report has none of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn them on the monitor itself. Type in what it shows, and the advice is in its own steps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>down about %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up about %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>down, %1 % less light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up, %1 % more light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the monitor&apos;s own controls until the dot sits in the smallest ring.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The program turns the monitor&apos;s own controls.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the display&apos;s white lies, seen from the white aimed at. u&apos; to the right, v&apos; up; dashed daylight, dotted black body.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>WhiteDial</name>
    <message>
        <source>White dial</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The white of the display will appear here,
with rings around the one aimed at.

The main action on the left starts the readings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not visible</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>side by side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>visible</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>obvious</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>D %1 K</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>WhiteView</name>
    <message>
        <source>White point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This monitor has no contr&amp;ols</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the monitor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>last time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Red gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Green gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Blue gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes on with the video LUT, which brings white to the aim by itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The advice is learned from your turns so far.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Wording</name>
    <message>
        <source>%1 cd/m², too dark to tell its colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x %1  y %2  %3 cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>about %1 s left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>about %1 min left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, run of %2, %3, opened from the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run of %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x %1 y %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 lx · %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Words</name>
    <message>
        <source>in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the monitor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its profile is in use</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Workshop</name>
    <message>
        <source>Δu&apos;v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>greys ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ΔE00 mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worst</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cd/m² found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>K found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sRGB covered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits, again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unfinished</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot tell</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, run %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> ◊</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stands out in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reference unit %1 has not been read yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reference unit %1 was read once, %2: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % of light, Δu&apos;v&apos; %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reference unit %1 reads differently since the batch began (%2, %3). The meter or that unit has changed: read another display that stays the same, and trust the units since then less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reference unit %1 reads as it did when the batch began (%2, %3). One reading cannot tell the meter from the unit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>own chart of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2; %3; limits %4; %5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>table profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>matrix profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gamma profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: no unit is done yet. Connect one, hang the meter on it, and scan or type its serial number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 of %3 units done are within their limits; %4 wait.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Serial</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Units that are done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No batch is open. A batch takes units one after another through the same recipe: what the pages Aim, Profile and Colour accuracy say now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>◊ Stand out from the others (robust score above 3.5): %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>WorkshopView</name>
    <message>
        <source>Workshop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Many units with one recipe: scan a serial number, the unit is calibrated, proved and judged, its report goes into a folder of that number, and the next one follows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the batch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder for its reports</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Serial number of the reference unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Serial number, typed or scanned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cho&amp;ose…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Star&amp;t the batch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on w&amp;ith it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Queue it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ta&amp;ke out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Look at its run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read the reference &amp;unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Close the batch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs more for a unit that is not within its limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Units between its readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier batches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin at once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Units</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How the units lie</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A page for the client</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All there is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A unit that stays in the workshop and is read now and then, so that a meter that drifts is noticed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>units</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for a unit that is over its limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reports go to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reference unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder for the batch&apos;s reports</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was measured stays; the batch can be gone on with.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A serial number that is scanned while nothing else waits begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serial number, typed or scanned</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app</name>
    <message>
        <source>Colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>L* first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>L* second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Displays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Largest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the shared aim asks of each display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Could give, cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gives up: light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gamut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Curves of both</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Curves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All displays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rem&amp;ove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> : 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number of patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Expected mean error, ΔE00</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Minutes of measuring</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White point, kelvin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamma</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>your own numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number of patches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Until it is good enough</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For a time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A chart of your own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Daylight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Black body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x, y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>u&apos;, v&apos;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Native</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast limited</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Presets; the numbers below are common practice for the job.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;White point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>6500 K daylight (D65) for screen work, 5000 K (D50) beside prints in a viewing booth.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Luminance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>80 to 120 cd/m² for photo work, less in a dim room; beside prints as light as the paper: 135 in a booth of 500 lx.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Tone curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gamma %1 or sRGB for screens, L* for pre-press, BT.1886 for film. GSDF: even steps, which alone make no display fit for diagnosis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Blac&amp;k</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limit it, to between 200:1 and 1000:1, only to match other displays or a print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pr&amp;imaries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Primaries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For monitors that mix them in their own memory. Elsewhere the profile tells programs what the panel&apos;s own are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light around the desk…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meas&amp;ure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>96 patches suffice for most displays. Otherwise the program picks patches where it is least certain, and stops at the mean error it expects, or at the time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep as m&amp;y own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dupli&amp;cate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open an aim…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save this aim…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open an aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Aims (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save this aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 x %2 fields</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White and middle grey</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>White, middle and dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own evening out: not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own evening out: off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own evening out: on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some monitors even their screen out by themselves, which costs light. Set it there, say here how it stands, and measure both.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Greys and white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the next run goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the monitor bac&amp;k</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor changes to it, and programs get its profile. Edit, Undo goes back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the slot that the profile in use goes with.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the slot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name, such as “proofs”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The ne&amp;xt run goes into</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Check first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One minute with the meter: does the last run still hold? (F6)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Panel technology</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How the meter hangs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Panel &amp;technology</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::AboutDialog</name>
    <message>
        <source>About Bold Lantern</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bold Lantern %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measures displays, brings them to an aim and proves it. Free software under the GNU General Public License, version 3 or later; it comes without any warranty. Nothing is sent anywhere.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it is made with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Licences of what it is made with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Licence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beside it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The texts of the licences are in /usr/share/common-licenses and /usr/share/doc, in the folder of each package.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::AgreementPart</name>
    <message>
        <source>%1, as read last</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::AimPart</name>
    <message>
        <source>change of the aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart is kept as %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart %1 was removed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the aim a name first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept among your own aims as %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was removed from your own aims. The aim itself stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::ChartDialog</name>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::CorrectionDialog</name>
    <message>
        <source>&amp;Keep the correction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correct a meter by a better one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang the first meter on the patch and read, change to the other in the Meter menu, hang it on the same spot and read again. A minute each; the display should be warm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each meter read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter to correct</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Better meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Better meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter to &amp;correct</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::DemoWorkplace</name>
    <message>
        <source>Esc pauses.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chosen by you.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bench says so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reference meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>colorimeter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ready</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Room, as set on the bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A display is being measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>demonstration on the bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The demonstration installs nothing for others.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::DeskMeter</name>
    <message>
        <source>Meter: %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::DeskQueue</name>
    <message>
        <source>and %1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Workshop: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::DeskWidget</name>
    <message>
        <source>Desk: displays and meter</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::F</name>
    <message>
        <source>Finish or stop the run before changing what is known of the meter.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::FilePart</name>
    <message>
        <source>A profile is being built from %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 was made from %n reading(s); it differs from them by ΔE00 %2 in the mean.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>The figures of %1 are being computed anew…</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1: %n of its figures do not follow from its readings: %2. Somebody has changed it, or it was damaged.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: all %n figures follow from its readings.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
</context>
<context>
    <name>lantern::app::HandEntry</name>
    <message>
        <source>E&amp;nter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cd/m²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What does the instrument show for RGB %1 %2 %3?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three numbers from 0 up are expected.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::Handbook</name>
    <message>
        <source>Help on this page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The handbook is not there. It comes with the program&apos;s package, in the folder share/bold-lantern/handbook.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::HelpPane</name>
    <message>
        <source>Back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole handbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All pages, with a search, in your browser. Nothing is fetched from anywhere.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No program here opens web pages, or the handbook is not there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hide the help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hide the help (F1)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::HistoryPart</name>
    <message>
        <source>Parts of the logbook cannot be read; the rest is whole. %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::LedgerModel</name>
    <message>
        <source>%1: aim %2, before %3, now %4, last time %5. %6</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Aim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last time</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::LedgerView</name>
    <message>
        <source>&amp;Aim…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ledger</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next step (Ctrl+Return)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::LightPart</name>
    <message>
        <source>It was set aside as %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stray light</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::LogPart</name>
    <message>
        <source>Calibration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warming up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the meter hangs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evenness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture mode</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proof</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::MainWindow</name>
    <message>
        <source>Profile of the readings in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ICC profiles (*.icc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use %1 on %2?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is in force until another one is chosen or a run is finished. What is in use now stays in the list of the page Profile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Leave it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the runs of %1 over?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What this logbook has already stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Take over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opened &amp;lately</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Forget them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the &amp;report…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print a page for the client…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the &amp;whole report…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;tudio on reports…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Back up the logbook…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ta&amp;ke over another logbook…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take over a logbook or a backup</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logbooks (*.sqlite);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Next step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start a ne&amp;w run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Check first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One minute with the meter: does the last run still hold?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Discard the run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Discard this run?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its readings stay in the logbook, but the run is not offered again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Discard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show me &amp;which</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Panel technology</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As &amp;detected: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Help on this &amp;page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Handbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Glossary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;First steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;About Bold Lantern</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back up the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logbooks (*.sqlite)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor&apos;s &amp;buttons</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Real time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × real time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hang the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the &amp;patch, wherever it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Elsewhere on the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Off the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the meter a hand&apos;s length off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Night light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Switch the display &amp;off and on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let the next reading &amp;fail</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter unplugged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nonsense readings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Needs zeroing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Knocked off the patch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Too much light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correct it by a &amp;better meter…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correction from a &amp;file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correction of the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Corrections (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correction from &amp;spectra…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spectra (*.csv *.txt *.cgats)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter&apos;s sensitivities X, Y, Z</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The panel&apos;s red, green, blue, white</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Certificate…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Certificate of the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Certificates (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For&amp;get corrections and certificate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget corrections and certificate of %1?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs already made keep theirs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Forget</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, serial %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reed, a colorimeter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heron, the reference meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with %1?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run so far was read with %1. With another meter the present stage begins anew; what was found before it stays, and the report says which meter read what.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Go on with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bold Lantern</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bold Lantern · %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is the device whose page says so in large letters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no complete run to report yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder for profile, readings and report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The report is no longer there: %1. Save it again: File, Save the report.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No program here opens web pages. The report is %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::MatchPart</name>
    <message>
        <source>Nobody has read yet what %1 can do. Read it, or leave it out.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::MeterDrawing</name>
    <message>
        <source>Drawing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter lies flat on a screen tilted back; its cable runs over the top edge to a counterweight behind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter lies with its opening down on a dark flat place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter stands beside the screen, diffuser on, facing up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tilt back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opening on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the glass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opening down, let it lie</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark, flat, no gap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the room&apos;s light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>diffuser on,</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>facing up</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::MeterHelp</name>
    <message>
        <source>Hang the meter back on the patch, flat on the glass, the screen tilted back a little so that it lies on by its own weight. Then go on: the same patch is read again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the meter off the screen and lay it down with its opening on something dark and flat, or close its cover. Then go on: it measures its own dark signal, which takes a few seconds, and then wants to hang on the patch again.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::MeterPart</name>
    <message>
        <source>Corrected on this display against %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Corrected by this display&apos;s own spectra.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Corrected by spectra, for panels of kind %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Corrected for panels of kind %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ready</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Room</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept: certificate %1, to be renewed by %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept for %1, although the certificate is of %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept: a correction for panels of kind %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Computed from this display&apos;s own spectra, and kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Computed and kept for panels of kind %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept: %1 is corrected on this display by %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Certificate and corrections of %1 are forgotten.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::MonitorButtons</name>
    <message>
        <source>Evens its screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Red gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Green gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Blue gain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The monitor&apos;s own compensation, which costs light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture mode</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The buttons on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>User colour</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::NoMeter</name>
    <message>
        <source>No meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose one in the Meter menu</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::NoticeBar</name>
    <message>
        <source>Hide this message</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More on this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The handbook&apos;s page on this message, beside the view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Problem: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::PagesWorkplace</name>
    <message>
        <source>A browser does not tell.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A page has no video LUT.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A page reaches no controls.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page in a browser</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chosen by you.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A profile of another device is installed on that device.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this computer, for the device</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::Plot</name>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: nothing yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 across, %2 up. %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the diagram…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy its numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the diagram</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drawings (*.pdf *.svg);;Pictures (*.png);;Numbers (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::ProfileWords</name>
    <message>
        <source>Names are made of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Places that are filled in: {display}, {serial}, {date}, {aim}, {white}, {luminance}, {tone}, {technology}, {meter}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copyright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copyright that stands in the profile.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::ProofPart</name>
    <message>
        <source>The limits are kept as %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was removed from your own limits.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::RunBar</name>
    <message>
        <source>&amp;Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Readings done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every reading taken is kept; the run can be taken up again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Pause</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::Session</name>
    <message>
        <source>All of the logbook is in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another program has changed the profile or the video LUT of this display. The page Profile puts it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The fine-tuned profile is installed and in use.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The profile made by eye is installed and in use.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was unplugged. Its run is kept: connect it again, choose it and go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A display came or went, so the run was stopped. Nothing is lost: go on with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run is under way on this display. Stop it before choosing another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change of the panel technology</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The aim of a run under way stays as it is. Stop the run to change it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profile, readings and report are in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run is under way. Finish or stop it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another profile than the last run&apos;s was chosen for this display. Take the run&apos;s own first, on the page Profile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The unfinished run has installed its profile. Finish it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The profile in use was made by eye: nothing measured lies below it. Calibrate the display first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This display is not connected now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read the light first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the light a name, such as where and when it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keeping of a light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choice of a light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removal of a light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lightness of the paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the profile is made for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reflectance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>watch of the room</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note on a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removal of a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That run is under way. Finish, stop or discard it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run was removed. Edit, Undo brings it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is being copied…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>While something is measured no logbook is taken over. Pause or finish first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs are being taken over…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs taken over: %1; here already: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter is at work. Let it finish, or stop it, before changing the meter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No meter is chosen. Choose one in the Meter menu.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter is busy. Pause or stop the run first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change of the profile in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removal of a profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be removed. Whose file is it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run has its own LUT in force. Stop it before another profile is used.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No other profile of this display is known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This profile is in use. Use another one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All users of this machine find the profile now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is not installed for all users: %1 Whoever may can do so with: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no finished run of this display to check against.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The profile in use was fine-tuned by eye since: the calibration below it is no longer what is shown. Prove what is in use, on the page Fine-tune or Colour accuracy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say first what the monitor calls this picture mode.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget picture mode %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped. Every reading is kept: the run can be taken up again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unit %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the batch a name first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the folder for the batch&apos;s reports first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reference unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unit %1 is not within its limits and is measured once more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unit %1: %2. Its report is in %3.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::StudioDialog</name>
    <message>
        <source>Studio on reports</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>US Letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open a logo…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>N&amp;o logo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Pages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a drawing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a logo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.svg)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::StudioWorkplace</name>
    <message>
        <source>Esc pauses.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter menu: choose one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None is chosen. Choose one in the Meter menu.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A display is being measured</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::TunePart</name>
    <message>
        <source>fine-tuning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn of the monitor&apos;s controls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This display has no calibration yet that could be fine-tuned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This display&apos;s output has no video LUT to tune. Turn the monitor&apos;s own controls, then run again.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::View</name>
    <message>
        <source>The newest finished run of this display. No run is under way.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::WhichWindow</name>
    <message>
        <source>This is %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::app::Workplace</name>
    <message>
        <source>wide gamut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>white LED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fluorescent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>OLED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::desk</name>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>LUT lost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::desk::Desk</name>
    <message>
        <source>Chosen by you.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>our own note (no colour service runs here to tell other programs)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the colour service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the display server</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::desk::FieldWindow</name>
    <message>
        <source>Looking for the meter</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::desk::PatchWindow</name>
    <message>
        <source>Patch</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::desk::WindowPresenter</name>
    <message>
        <source>The compositor does not show the patch: another window covers it, or its display was unplugged or switched off. Bring it to the front, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The patch is on no screen: its display was unplugged or switched off. Connect it again, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something covers the patch or changes its colour on the way to the screen. Bring the patch to the front, switch off night light, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::keeper::Keeper</name>
    <message>
        <source>Open Bold Lantern</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put profiles and video LUTs in force again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End the Keeper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The certificate of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Profiles and video LUTs are kept in force.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its video LUT was changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its profile was withdrawn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another profile was declared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile %1 was declared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the profile %1 was declared, made by %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is no longer as calibrated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another program did it: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is due for a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By its drift its light may be leaving its limits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has never been measured.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>It was last measured %n days ago.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Its profile has never been checked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check it now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In a week</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::keeper::RoomWatch</name>
    <message>
        <source>The room&apos;s light has changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look at it</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::platform::SensorMeter</name>
    <message>
        <source>Another program is using it. End that, and go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>three numbers were expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a spectrum was expected</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::remote::PagePresenter</name>
    <message>
        <source>The page on %1 does not fill its screen. Press Fill the screen there, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::remote::PatchServer</name>
    <message>
        <source>Connecting…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Code shown in the program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What this device is called</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill the screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set this device so that its screen stays on and as bright as it is, and switch off whatever changes its colours by itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ready. Patches appear here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The connection was lost. It comes back by itself …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The program does not answer. This page goes on as soon as it serves patches again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is not the code. Type the one that is shown now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Too many codes at once. Try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This device now shows patches in another tab. Close this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type the code that the program shows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Device %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::run::BenchMeter</name>
    <message>
        <source>it has no diffuser</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::run::HandMeter</name>
    <message>
        <source>Meter read by hand</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::run::ReadingTaker</name>
    <message>
        <source>This computer was asleep in the middle of a reading, which was thrown away. Let the display warm up again, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The patch went from the screen %1 times while it was being read. See to its display, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The patch could not be shown in time. Bring the patch window to the front, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (It said: %1)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lantern::run::RunEngine</name>
    <message>
        <source>The readings do not fit the profile made of them: ΔE00 %1 between them in the mean. The meter hung beside the patch for a while, or something changed the display. Stop and start a new run; go on only if you want this profile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This stage was begun by another version of Bold Lantern, which read in another order. It starts anew; readings that fit are used again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This stage was begun by another version of Bold Lantern and starts anew. Its readings stay in the logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is zeroed. Hang it back on the patch, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This run&apos;s readings are of %1, and the meter is now %2. Choose %1 again and go on; or choose %2 in the Meter menu, and the present stage begins anew with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another program has loaded a video LUT on this display, so this reading was thrown away. Stop night light and other programs that load profiles; going on loads ours again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The panel&apos;s brightness went from %1 to %2 while it was measured, so this reading was thrown away. Automatic brightness, power saving or a key did it: switch them off. Going on sets it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter is busy. Pause the run first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers cannot be typed in while the screen is dark. Take the light that is kept and the screen&apos;s reflectance instead.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
</TS>
