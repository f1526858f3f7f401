<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>arbor</name>
    <message>
        <source>STOP</source>
        <translation>HALT</translation>
    </message>
    <message>
        <source>check</source>
        <translation>prüfen</translation>
    </message>
    <message>
        <source>{action}: not yet. {why}</source>
        <translation>{action}: noch nicht. {why}</translation>
    </message>
    <message>
        <source>Press sleeve {tool}</source>
        <translation>Einpresshülse {tool}</translation>
    </message>
    <message>
        <source>the instrument closed the connection</source>
        <translation>das Messgerät hat die Verbindung beendet</translation>
    </message>
    <message>
        <source>wanted: 127.0.0.1:port or /dev/tty…, an instrument on this machine</source>
        <translation>erwartet: 127.0.0.1:Port oder /dev/tty…, ein Messgerät an diesem Rechner</translation>
    </message>
    <message>
        <source>no lines are coming, only bytes without an end</source>
        <translation>es kommen keine Zeilen, nur Bytes ohne Ende</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>End play</source>
        <translation>Axialspiel</translation>
    </message>
    <message>
        <source>Indicator shows</source>
        <translation>Messuhr zeigt</translation>
    </message>
    <message>
        <source>Clear end-play reading</source>
        <translation>Axialspiel-Ablesung löschen</translation>
    </message>
    <message>
        <source>within 5 mm</source>
        <translation>bis 5 mm</translation>
    </message>
    <message>
        <source>End play %1</source>
        <translation>Axialspiel %1</translation>
    </message>
    <message>
        <source>Use</source>
        <translation>Verwendung</translation>
    </message>
    <message>
        <source>Change use</source>
        <translation>Verwendung ändern</translation>
    </message>
    <message>
        <source>Own band</source>
        <translation>Eigene Spanne</translation>
    </message>
    <message>
        <source>Band of the table</source>
        <translation>Spanne der Tabelle</translation>
    </message>
    <message>
        <source>two numbers: 30 60</source>
        <translation>zwei Zahlen: 30 60</translation>
    </message>
    <message>
        <source>Setting method</source>
        <translation>Einstellweise</translation>
    </message>
    <message>
        <source>Change setting method</source>
        <translation>Einstellweise ändern</translation>
    </message>
    <message>
        <source>Part of a turn</source>
        <translation>Teil einer Umdrehung</translation>
    </message>
    <message>
        <source>of a turn</source>
        <translation>einer Umdrehung</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Steigung</translation>
    </message>
    <message>
        <source>0.2 to 10 mm</source>
        <translation>0,2 bis 10 mm</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Slots</source>
        <translation>Schlitze</translation>
    </message>
    <message>
        <source>1 to 72</source>
        <translation>1 bis 72</translation>
    </message>
    <message>
        <source>of the nut</source>
        <translation>der Mutter</translation>
    </message>
    <message>
        <source>Pin holes at</source>
        <translation>Splintlöcher bei</translation>
    </message>
    <message>
        <source>degrees: 0 90</source>
        <translation>Grad: 0 90</translation>
    </message>
    <message>
        <source>Pin holes</source>
        <translation>Splintlöcher</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>Back-off to pin hole</source>
        <translation>Zurück bis zum Splintloch</translation>
    </message>
    <message>
        <source>° back</source>
        <translation>° zurück</translation>
    </message>
    <message>
        <source>The nut</source>
        <translation>Die Mutter</translation>
    </message>
    <message>
        <source>sets the play</source>
        <translation>stellt das Spiel ein</translation>
    </message>
    <message>
        <source>clamps</source>
        <translation>klemmt</translation>
    </message>
    <message>
        <source>Washers, shims</source>
        <translation>Scheiben, Passscheiben</translation>
    </message>
    <message>
        <source>thicknesses: 0.1 0.2 0.5</source>
        <translation>Dicken: 0,1 0,2 0,5</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Vorrat</translation>
    </message>
    <message>
        <source>mm, in stock</source>
        <translation>mm, vorrätig</translation>
    </message>
    <message>
        <source>Clamped on %1</source>
        <translation>Geklemmt auf %1</translation>
    </message>
    <message>
        <source>Full torque</source>
        <translation>Volles Anziehmoment</translation>
    </message>
    <message>
        <source>End play measured at</source>
        <translation>Axialspiel gemessen bei</translation>
    </message>
    <message>
        <source>Nut factor</source>
        <translation>Mutternbeiwert</translation>
    </message>
    <message>
        <source>oiled 0.2</source>
        <translation>geölt 0,2</translation>
    </message>
    <message>
        <source>In service</source>
        <translation>Im Betrieb</translation>
    </message>
    <message>
        <source>Shaft warmer by</source>
        <translation>Welle wärmer um</translation>
    </message>
    <message>
        <source>Hub warmer by</source>
        <translation>Nabe wärmer um</translation>
    </message>
    <message>
        <source>Rolling torque</source>
        <translation>Reibmoment</translation>
    </message>
    <message>
        <source>Pull on string</source>
        <translation>Zug an der Schnur</translation>
    </message>
    <message>
        <source>0 to 10,000 N</source>
        <translation>0 bis 10.000 N</translation>
    </message>
    <message>
        <source>Pull</source>
        <translation>Zug</translation>
    </message>
    <message>
        <source>N</source>
        <translation>N</translation>
    </message>
    <message>
        <source>at radius</source>
        <translation>am Radius</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
    <message>
        <source>two numbers: 0.5 1</source>
        <translation>zwei Zahlen: 0,5 1</translation>
    </message>
    <message>
        <source>Rolling torque wanted</source>
        <translation>Gewünschtes Reibmoment</translation>
    </message>
    <message>
        <source>Grease</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Kind of grease</source>
        <translation>Fettart</translation>
    </message>
    <message>
        <source>Cavity between</source>
        <translation>Hohlraum dazwischen</translation>
    </message>
    <message>
        <source>cm³</source>
        <translation>cm³</translation>
    </message>
    <message>
        <source>filled</source>
        <translation>gefüllt</translation>
    </message>
    <message>
        <source>a third to a half</source>
        <translation>ein Drittel bis die Hälfte</translation>
    </message>
    <message>
        <source>a third: fast or warm</source>
        <translation>ein Drittel: schnell oder warm</translation>
    </message>
    <message>
        <source>a half: slow or wet</source>
        <translation>die Hälfte: langsam oder nass</translation>
    </message>
    <message>
        <source>Filled</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>Grease gun, per stroke</source>
        <translation>Fettpresse, je Hub</translation>
    </message>
    <message>
        <source>g a stroke</source>
        <translation>g je Hub</translation>
    </message>
    <message>
        <source>Density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>g/cm³</source>
        <translation>g/cm³</translation>
    </message>
    <message>
        <source>Space goes from step to step.</source>
        <translation>Leertaste geht von Schritt zu Schritt.</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>End play a pair should have</source>
        <translation>Axialspiel, das ein Lagerpaar haben soll</translation>
    </message>
    <message>
        <source>Add a row   Ins</source>
        <translation>Zeile hinzufügen   Einfg</translation>
    </message>
    <message>
        <source>use</source>
        <translation>Verwendung</translation>
    </message>
    <message>
        <source>bore up to %1</source>
        <translation>Bohrung bis %1</translation>
    </message>
    <message>
        <source>least %1</source>
        <translation>mindestens %1</translation>
    </message>
    <message>
        <source>most %1</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>whose</source>
        <translation>von wem</translation>
    </message>
    <message>
        <source>this shop’s</source>
        <translation>dieser Werkstatt</translation>
    </message>
    <message>
        <source>practice, ships with the program</source>
        <translation>Praxiswert, kommt mit dem Programm</translation>
    </message>
    <message>
        <source>general</source>
        <translation>allgemein</translation>
    </message>
    <message>
        <source>The nut and where it can be locked</source>
        <translation>Die Mutter und wo sie gesichert werden kann</translation>
    </message>
    <message>
        <source>%1 degrees: %2</source>
        <translation>%1 Grad: %2</translation>
    </message>
    <message>
        <source>No pair of bearings here is set against each other.</source>
        <translation>Hier ist kein Lagerpaar gegeneinander angestellt.</translation>
    </message>
    <message>
        <source>%1 keeps the rings apart: its length sets the end play at full torque.</source>
        <translation>%1 hält die Ringe auseinander: seine Länge bestimmt das Axialspiel bei vollem Moment.</translation>
    </message>
    <message>
        <source>, %1 a place</source>
        <translation>, je %1</translation>
    </message>
    <message>
        <source>Pitch %1, %2 slots, %3%4.</source>
        <translation>Steigung %1, %2 Schlitze, %3%4.</translation>
    </message>
    <message>
        <source>one hole</source>
        <translation>ein Loch</translation>
    </message>
    <message>
        <source>%1 holes</source>
        <translation>%1 Löcher</translation>
    </message>
    <message>
        <source>Nothing to set</source>
        <translation>Nichts einzustellen</translation>
    </message>
    <message>
        <source>Which spacer length gives the end play wanted</source>
        <translation>Welche Distanzlänge das gewünschte Axialspiel ergibt</translation>
    </message>
    <message>
        <source>Which slot gives the end play wanted</source>
        <translation>Welcher Schlitz das gewünschte Axialspiel ergibt</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>on %1°</source>
        <translation>vor %1°</translation>
    </message>
    <message>
        <source>back %1°</source>
        <translation>zurück %1°</translation>
    </message>
    <message>
        <source>needed %1</source>
        <translation>nötig %1</translation>
    </message>
    <message>
        <source>measure end play to know its length</source>
        <translation>Axialspiel messen, dann ist die Länge bekannt</translation>
    </message>
    <message>
        <source>What each setting method gives</source>
        <translation>Was jede Einstellweise ergibt</translation>
    </message>
    <message>
        <source>Setting methods here</source>
        <translation>Einstellweisen hier</translation>
    </message>
    <message>
        <source>%1; green is wanted</source>
        <translation>%1; Grün ist das Ziel</translation>
    </message>
    <message>
        <source>Start from a shape</source>
        <translation>Mit einer Bauform beginnen</translation>
    </message>
    <message>
        <source>Start from a shape…</source>
        <translation>Mit einer Bauform beginnen…</translation>
    </message>
    <message>
        <source>Arrangement, line by line</source>
        <translation>Anordnung, Zeile für Zeile</translation>
    </message>
    <message>
        <source>Change the arrangement</source>
        <translation>Anordnung ändern</translation>
    </message>
    <message>
        <source>Kind of the new part</source>
        <translation>Art des neuen Teils</translation>
    </message>
    <message>
        <source>Remove part</source>
        <translation>Teil entfernen</translation>
    </message>
    <message>
        <source>Start from shape %1</source>
        <translation>Mit Bauform %1 beginnen</translation>
    </message>
    <message>
        <source>Add a part</source>
        <translation>Teil hinzufügen</translation>
    </message>
    <message>
        <source>Remove a part</source>
        <translation>Teil entfernen</translation>
    </message>
    <message>
        <source>Drag a face</source>
        <translation>Fläche ziehen</translation>
    </message>
    <message>
        <source>Nothing is drawn yet</source>
        <translation>Noch ist nichts gezeichnet</translation>
    </message>
    <message>
        <source>Choose a shape to start from.</source>
        <translation>Zum Beginnen eine Bauform wählen.</translation>
    </message>
    <message>
        <source>
and %1 more</source>
        <translation>
und %1 weitere</translation>
    </message>
    <message>
        <source>, step %1</source>
        <translation>, Stufe %1</translation>
    </message>
    <message>
        <source>Outside Ø</source>
        <translation>Außen-Ø</translation>
    </message>
    <message>
        <source>Bore Ø</source>
        <translation>Bohrung Ø</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>loads from above</source>
        <translation>belastet von oben</translation>
    </message>
    <message>
        <source>loads from below</source>
        <translation>belastet von unten</translation>
    </message>
    <message>
        <source>stays put</source>
        <translation>bleibt, wo es ist</translation>
    </message>
    <message>
        <source>Designation</source>
        <translation>Bezeichnung</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Werkstoff</translation>
    </message>
    <message>
        <source>%1, figures of this shop</source>
        <translation>%1, Werte dieser Werkstatt</translation>
    </message>
    <message>
        <source>Way round</source>
        <translation>Einbaulage</translation>
    </message>
    <message>
        <source>In line with</source>
        <translation>Fluchtet mit</translation>
    </message>
    <message>
        <source>In the %1</source>
        <translation>In %1</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>%1 × larger</source>
        <translation>%1 × größer</translation>
    </message>
    <message>
        <source>Bench calculator</source>
        <translation>Werkbankrechner</translation>
    </message>
    <message>
        <source>What is wanted, then the sizes: limits 62 N7</source>
        <translation>Was gesucht ist, dann die Maße: limits 62 N7</translation>
    </message>
    <message>
        <source>Calculation and sizes</source>
        <translation>Rechnung und Maße</translation>
    </message>
    <message>
        <source>Make a job of it  Ctrl+Enter</source>
        <translation>Auftrag daraus machen  Strg+Enter</translation>
    </message>
    <message>
        <source>No such calculation</source>
        <translation>Diese Rechnung gibt es nicht</translation>
    </message>
    <message>
        <source>Try limits, interference, force, clearance, gauge, bolt, temperature, grease.</source>
        <translation>Zum Beispiel limits, interference, force, clearance, gauge, bolt, temperature, grease.</translation>
    </message>
    <message>
        <source>Type its sizes in this order, or key=value.</source>
        <translation>Die Maße in dieser Reihenfolge eingeben, oder Schlüssel=Wert.</translation>
    </message>
    <message>
        <source>Still wanted: {what}.</source>
        <translation>Es fehlt noch: {what}.</translation>
    </message>
    <message>
        <source>default %1</source>
        <translation>Vorgabe %1</translation>
    </message>
    <message>
        <source>optional</source>
        <translation>kann fehlen</translation>
    </message>
    <message>
        <source>Because</source>
        <translation>Denn</translation>
    </message>
    <message>
        <source>formula and limits: docs/numbers.md, {key}</source>
        <translation>Formel und Grenzen: docs/numbers.md, {key}</translation>
    </message>
    <message>
        <source>Defaults</source>
        <translation>Vorgaben</translation>
    </message>
    <message>
        <source>free expected </source>
        <translation>frei erwartet </translation>
    </message>
    <message>
        <source>home expected </source>
        <translation>Anschlag erwartet </translation>
    </message>
    <message>
        <source> travel</source>
        <translation> Weg</translation>
    </message>
    <message>
        <source>Force against travel</source>
        <translation>Kraft über dem Weg</translation>
    </message>
    <message>
        <source>band: what this seat should take</source>
        <translation>Band: was dieser Sitz brauchen soll</translation>
    </message>
    <message>
        <source>Gap against time</source>
        <translation>Spalt über der Zeit</translation>
    </message>
    <message>
        <source>s since it left the heat</source>
        <translation>s seit der Entnahme</translation>
    </message>
    <message>
        <source>in at %1 s</source>
        <translation>drin nach %1 s</translation>
    </message>
    <message>
        <source>grips</source>
        <translation>klemmt</translation>
    </message>
    <message>
        <source>safe to start</source>
        <translation>Fügen sicher</translation>
    </message>
    <message>
        <source>now, %1 s</source>
        <translation>jetzt, %1 s</translation>
    </message>
    <message>
        <source>Blue: during the transfer, least to most. Brass: in its seat, as likely.</source>
        <translation>Blau: beim Transport, kleinster bis größter. Messing: im Sitz, wahrscheinlich.</translation>
    </message>
    <message>
        <source>Round the rim</source>
        <translation>Rund um den Ring</translation>
    </message>
    <message>
        <source>readings above their mean, fitted plane, allowed band</source>
        <translation>Ablesungen über ihrem Mittel, Ausgleichsebene, zulässiges Band</translation>
    </message>
    <message>
        <source>Bore and ring</source>
        <translation>Bohrung und Ring</translation>
    </message>
    <message>
        <source>measured %1 %2</source>
        <translation>gemessen %1 %2</translation>
    </message>
    <message>
        <source>loose</source>
        <translation>lose</translation>
    </message>
    <message>
        <source>%1 tight</source>
        <translation>%1 fest</translation>
    </message>
    <message>
        <source>Clearance inside the bearing</source>
        <translation>Lagerluft</translation>
    </message>
    <message>
        <source>none left below this line</source>
        <translation>unter dieser Linie bleibt keine</translation>
    </message>
    <message>
        <source>: not known</source>
        <translation>: nicht bekannt</translation>
    </message>
    <message>
        <source>Seats</source>
        <translation>Sitze</translation>
    </message>
    <message>
        <source>Other classes  F6</source>
        <translation>Andere Klassen  F6</translation>
    </message>
    <message>
        <source>Section to scale. Pick a part to see its sizes.</source>
        <translation>Im Maßstab. Teil anwählen: seine Maße.</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>inner</source>
        <translation>innen</translation>
    </message>
    <message>
        <source>made %1</source>
        <translation>ab Werk %1</translation>
    </message>
    <message>
        <source>in housing</source>
        <translation>im Gehäuse</translation>
    </message>
    <message>
        <source>on shaft</source>
        <translation>auf der Welle</translation>
    </message>
    <message>
        <source>warm, turning</source>
        <translation>warm, drehend</translation>
    </message>
    <message>
        <source>with heat</source>
        <translation>mit Wärme</translation>
    </message>
    <message>
        <source>left in service</source>
        <translation>im Betrieb</translation>
    </message>
    <message>
        <source>hole %1</source>
        <translation>Bohrung %1</translation>
    </message>
    <message>
        <source>shaft %1</source>
        <translation>Welle %1</translation>
    </message>
    <message>
        <source>put the drawing right first: Ctrl+G</source>
        <translation>erst die Zeichnung richtigstellen: Strg+G</translation>
    </message>
    <message>
        <source>a hole class, in capitals</source>
        <translation>eine Bohrungsklasse, Großbuchstaben</translation>
    </message>
    <message>
        <source>a shaft class, in small letters</source>
        <translation>eine Wellenklasse, Kleinbuchstaben</translation>
    </message>
    <message>
        <source>Limits of the ring</source>
        <translation>Grenzmaße des Rings</translation>
    </message>
    <message>
        <source>Change hole</source>
        <translation>Bohrung ändern</translation>
    </message>
    <message>
        <source>Change shaft seat</source>
        <translation>Wellensitz ändern</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>a new ring: its limits count</source>
        <translation>ein neuer Ring: seine Grenzmaße zählen</translation>
    </message>
    <message>
        <source>Enter measured size</source>
        <translation>Gemessenes Maß eingeben</translation>
    </message>
    <message>
        <source>Clear measured size</source>
        <translation>Gemessenes Maß löschen</translation>
    </message>
    <message>
        <source>new ring</source>
        <translation>neuer Ring</translation>
    </message>
    <message>
        <source>by class</source>
        <translation>nach Klasse</translation>
    </message>
    <message>
        <source> read</source>
        <translation> abgelesen</translation>
    </message>
    <message>
        <source>Seat</source>
        <translation>Sitz</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Measured bore</source>
        <translation>Gemessene Bohrung</translation>
    </message>
    <message>
        <source>Inner part</source>
        <translation>Inneres Teil</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>Outer material</source>
        <translation>Werkstoff außen</translation>
    </message>
    <message>
        <source>Choose material</source>
        <translation>Werkstoff wählen</translation>
    </message>
    <message>
        <source>ring to its raceway</source>
        <translation>Ring bis zur Laufbahn</translation>
    </message>
    <message>
        <source>Bore finish Rz</source>
        <translation>Rauheit der Bohrung Rz</translation>
    </message>
    <message>
        <source>Rz in µm, 0 to 100</source>
        <translation>Rz in µm, 0 bis 100</translation>
    </message>
    <message>
        <source>Change bore finish</source>
        <translation>Rauheit der Bohrung ändern</translation>
    </message>
    <message>
        <source>must be over the bore</source>
        <translation>muss größer als die Bohrung sein</translation>
    </message>
    <message>
        <source>Change housing outside</source>
        <translation>Gehäuse-Außenmaß ändern</translation>
    </message>
    <message>
        <source>in the arrangement: Ctrl+G</source>
        <translation>in der Anordnung: Strg+G</translation>
    </message>
    <message>
        <source>Work</source>
        <translation>Einsatz</translation>
    </message>
    <message>
        <source>Load and rings</source>
        <translation>Belastung und Ringe</translation>
    </message>
    <message>
        <source>Say which ring has the rotating load</source>
        <translation>Angeben, welcher Ring Umfangslast hat</translation>
    </message>
    <message>
        <source>Load P/C</source>
        <translation>Belastung P/C</translation>
    </message>
    <message>
        <source>0 to 1</source>
        <translation>0 bis 1</translation>
    </message>
    <message>
        <source>Change load share</source>
        <translation>Belastungsanteil ändern</translation>
    </message>
    <message>
        <source>light</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>heavy</source>
        <translation>schwer</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Drehzahl</translation>
    </message>
    <message>
        <source>0 to 100000 rpm</source>
        <translation>0 bis 100000 1/min</translation>
    </message>
    <message>
        <source>Change speed</source>
        <translation>Drehzahl ändern</translation>
    </message>
    <message>
        <source>Stationary ring must float</source>
        <translation>Ring mit Punktlast schiebt</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>yes, it must float</source>
        <translation>ja, er muss schieben</translation>
    </message>
    <message>
        <source>Say whether it floats</source>
        <translation>Angeben, ob er schieben muss</translation>
    </message>
    <message>
        <source>Seat goes in</source>
        <translation>Gefügt wird</translation>
    </message>
    <message>
        <source>dry and clean</source>
        <translation>trocken und sauber</translation>
    </message>
    <message>
        <source>with light oil</source>
        <translation>mit dünnem Öl</translation>
    </message>
    <message>
        <source>with grease</source>
        <translation>mit Fett</translation>
    </message>
    <message>
        <source>Choose lubricant</source>
        <translation>Schmierung wählen</translation>
    </message>
    <message>
        <source>Inner ring at</source>
        <translation>Innenring bei</translation>
    </message>
    <message>
        <source>Outer ring at</source>
        <translation>Außenring bei</translation>
    </message>
    <message>
        <source>Housing at</source>
        <translation>Gehäuse bei</translation>
    </message>
    <message>
        <source>Shaft at</source>
        <translation>Welle bei</translation>
    </message>
    <message>
        <source>Change working temperature</source>
        <translation>Betriebstemperatur ändern</translation>
    </message>
    <message>
        <source> in service</source>
        <translation> im Betrieb</translation>
    </message>
    <message>
        <source>no bearing at this seat</source>
        <translation>kein Lager an diesem Sitz</translation>
    </message>
    <message>
        <source>not there; %1 are</source>
        <translation>nicht vorhanden; vorhanden sind %1</translation>
    </message>
    <message>
        <source>Choose bearing</source>
        <translation>Lager wählen</translation>
    </message>
    <message>
        <source>Bearing</source>
        <translation>Lager</translation>
    </message>
    <message>
        <source>%1 × %2 × %3</source>
        <translation>%1 × %2 × %3</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>Lagerluft</translation>
    </message>
    <message>
        <source>CN (normal)</source>
        <translation>CN (normal)</translation>
    </message>
    <message>
        <source>Choose clearance group</source>
        <translation>Lagerluftgruppe wählen</translation>
    </message>
    <message>
        <source>Accuracy</source>
        <translation>Genauigkeit</translation>
    </message>
    <message>
        <source>Normal</source>
        <translation>Normal</translation>
    </message>
    <message>
        <source>class 6</source>
        <translation>Klasse 6</translation>
    </message>
    <message>
        <source>class 5</source>
        <translation>Klasse 5</translation>
    </message>
    <message>
        <source>inch class 4</source>
        <translation>Zoll-Klasse 4</translation>
    </message>
    <message>
        <source>inch class 2</source>
        <translation>Zoll-Klasse 2</translation>
    </message>
    <message>
        <source>inch class 3</source>
        <translation>Zoll-Klasse 3</translation>
    </message>
    <message>
        <source>inch class 0</source>
        <translation>Zoll-Klasse 0</translation>
    </message>
    <message>
        <source>inch class 00</source>
        <translation>Zoll-Klasse 00</translation>
    </message>
    <message>
        <source>Choose bearing accuracy</source>
        <translation>Lagergenauigkeit wählen</translation>
    </message>
    <message>
        <source>Inner raceway Ø</source>
        <translation>Innere Laufbahn Ø</translation>
    </message>
    <message>
        <source>Outer raceway Ø</source>
        <translation>Äußere Laufbahn Ø</translation>
    </message>
    <message>
        <source>Axial rating C0a</source>
        <translation>Axiale Tragzahl C0a</translation>
    </message>
    <message>
        <source>a force over 0, as in the catalogue</source>
        <translation>eine Kraft über 0, wie im Katalog</translation>
    </message>
    <message>
        <source>Enter static load rating</source>
        <translation>Statische Tragzahl eingeben</translation>
    </message>
    <message>
        <source>Estimate the static load rating</source>
        <translation>Statische Tragzahl schätzen</translation>
    </message>
    <message>
        <source>≈ %1</source>
        <translation>≈ %1</translation>
    </message>
    <message>
        <source>between bore and outside</source>
        <translation>zwischen Bohrung und Außendurchmesser</translation>
    </message>
    <message>
        <source>Change raceway</source>
        <translation>Laufbahn ändern</translation>
    </message>
    <message>
        <source>≈ %1 as a tube</source>
        <translation>≈ %1 als Rohr</translation>
    </message>
    <message>
        <source>Repair sleeve between</source>
        <translation>Reparaturhülse dazwischen</translation>
    </message>
    <message>
        <source>Sleeve outside Ø</source>
        <translation>Hülse, Außen-Ø</translation>
    </message>
    <message>
        <source>put the sizes right first</source>
        <translation>erst die Maße richtigstellen</translation>
    </message>
    <message>
        <source>between seat and outside</source>
        <translation>zwischen Sitz und Außendurchmesser</translation>
    </message>
    <message>
        <source>Put a sleeve between</source>
        <translation>Hülse einsetzen</translation>
    </message>
    <message>
        <source>No sleeve</source>
        <translation>Keine Hülse</translation>
    </message>
    <message>
        <source>tight in the outer</source>
        <translation>fest im äußeren Teil</translation>
    </message>
    <message>
        <source>give its outside first</source>
        <translation>erst ihren Außendurchmesser eingeben</translation>
    </message>
    <message>
        <source>two sizes: 30..60</source>
        <translation>zwei Maße: 30..60</translation>
    </message>
    <message>
        <source>Sleeve&apos;s interference</source>
        <translation>Übermaß der Hülse</translation>
    </message>
    <message>
        <source>Sleeve is</source>
        <translation>Hülse ist</translation>
    </message>
    <message>
        <source>bored to size in place</source>
        <translation>eingepresst auf Maß gebohrt</translation>
    </message>
    <message>
        <source>made to size before</source>
        <translation>vorher auf Maß gefertigt</translation>
    </message>
    <message>
        <source>How the sleeve is bored</source>
        <translation>Wie die Hülse gebohrt wird</translation>
    </message>
    <message>
        <source>Other classes, %1</source>
        <translation>Andere Klassen, %1</translation>
    </message>
    <message>
        <source>What moves the clearance</source>
        <translation>Was die Lagerluft verschiebt</translation>
    </message>
    <message>
        <source>interference, %1</source>
        <translation>Übermaß, %1</translation>
    </message>
    <message>
        <source>force</source>
        <translation>Kraft</translation>
    </message>
    <message>
        <source>clearance left</source>
        <translation>bleibende Lagerluft</translation>
    </message>
    <message>
        <source>This seat takes nothing from a clearance that is made in.</source>
        <translation>Dieser Sitz nimmt einer eingebauten Lagerluft nichts weg.</translation>
    </message>
    <message>
        <source>Steel in steel</source>
        <translation>Stahl in Stahl</translation>
    </message>
    <message>
        <source>Steel in cast iron</source>
        <translation>Stahl in Gusseisen</translation>
    </message>
    <message>
        <source>Steel in aluminium</source>
        <translation>Stahl in Aluminium</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>trocken</translation>
    </message>
    <message>
        <source>light oil</source>
        <translation>dünnes Öl</translation>
    </message>
    <message>
        <source>grease or paste</source>
        <translation>Fett oder Paste</translation>
    </message>
    <message>
        <source>the book&apos;s %1…%2 stands</source>
        <translation>es gilt der Handbuchwert %1…%2</translation>
    </message>
    <message>
        <source>No good press on record: %1.</source>
        <translation>Keine gute Pressung aufgezeichnet: %1.</translation>
    </message>
    <message>
        <source>%1 of the %2 presses it takes: %3.</source>
        <translation>%1 der nötigen %2 Pressungen: %3.</translation>
    </message>
    <message>
        <source>%1 presses, and their mean lies outside the book: %2. Something else is wrong.</source>
        <translation>%1 Pressungen, ihr Mittel liegt außerhalb des Handbuchs: %2. Etwas anderes stimmt nicht.</translation>
    </message>
    <message>
        <source>%1 presses, mean %2, each ±%3: the next one takes %4…%5.</source>
        <translation>%1 Pressungen, Mittel %2, jede ±%3: die nächste nimmt %4…%5.</translation>
    </message>
    <message>
        <source>Friction of this shop</source>
        <translation>Reibung dieser Werkstatt</translation>
    </message>
    <message>
        <source>Pale: the band of the book. Dots: each good press on record. Blue: where the next press lies, 95 in 100, from %1 presses on. Bad presses are never counted. Esc goes back.</source>
        <translation>Blass: das Band des Handbuchs. Punkte: jede gute aufgezeichnete Pressung. Blau: wo die nächste Pressung liegt, 95 von 100, ab %1 Pressungen. Schlechte Pressungen zählen nie. Esc geht zurück.</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>What the presses come to</source>
        <translation>Was die Pressungen ergeben</translation>
    </message>
    <message>
        <source>%1: %2 presses, force %3 of what was expected</source>
        <translation>%1: %2 Pressungen, Kraft %3 der erwarteten</translation>
    </message>
    <message>
        <source>%1: %2 of %3 went wrong</source>
        <translation>%1: %2 von %3 misslungen</translation>
    </message>
    <message>
        <source>Force over what was expected</source>
        <translation>Kraft gegen Erwartung</translation>
    </message>
    <message>
        <source>How long it takes</source>
        <translation>Wie lange es dauert</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>Went wrong more than once</source>
        <translation>Mehr als einmal misslungen</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Past presses</source>
        <translation>Frühere Pressungen</translation>
    </message>
    <message>
        <source>when</source>
        <translation>wann</translation>
    </message>
    <message>
        <source>job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>bearing</source>
        <translation>Lager</translation>
    </message>
    <message>
        <source>peak force</source>
        <translation>Höchstkraft</translation>
    </message>
    <message>
        <source>verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>trace</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>tools</source>
        <translation>Werkzeuge</translation>
    </message>
    <message>
        <source>who</source>
        <translation>wer</translation>
    </message>
    <message>
        <source>This step</source>
        <translation>Dieser Schritt</translation>
    </message>
    <message>
        <source>This place</source>
        <translation>Diese Stelle</translation>
    </message>
    <message>
        <source>This machine</source>
        <translation>Diese Maschine</translation>
    </message>
    <message>
        <source>This bearing</source>
        <translation>Dieses Lager</translation>
    </message>
    <message>
        <source>Everything</source>
        <translation>Alles</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>no setup on record</source>
        <translation>kein Aufbau aufgezeichnet</translation>
    </message>
    <message>
        <source>setup %1</source>
        <translation>Aufbau %1</translation>
    </message>
    <message>
        <source>%1 of %2 expected</source>
        <translation>%1 von %2 erwartet</translation>
    </message>
    <message>
        <source>friction %1</source>
        <translation>Reibung %1</translation>
    </message>
    <message>
        <source>outer part at %1</source>
        <translation>äußeres Teil bei %1</translation>
    </message>
    <message>
        <source>inner part at %1</source>
        <translation>inneres Teil bei %1</translation>
    </message>
    <message>
        <source>%1 out of square</source>
        <translation>%1 schief</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>words: machine, bearing, tool, who, notes</source>
        <translation>Wörter: Maschine, Lager, Werkzeug, wer, Notizen</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>any verdict</source>
        <translation>jedes Urteil</translation>
    </message>
    <message>
        <source>trace: </source>
        <translation>Verlauf: </translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>from 2026-01-31</source>
        <translation>ab 2026-01-31</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Bis</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exportieren…</translation>
    </message>
    <message>
        <source>The logbook is not there: %1. What is recorded meanwhile waits here and is delivered later.</source>
        <translation>Das Logbuch ist nicht erreichbar: %1. Was inzwischen aufgezeichnet wird, wartet hier und wird nachgeliefert.</translation>
    </message>
    <message>
        <source>%1 presses</source>
        <translation>%1 Pressungen</translation>
    </message>
    <message>
        <source>the latest %1 presses; exports hold all</source>
        <translation>die letzten %1 Pressungen; ein Export enthält alle</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>Table (*.csv);;All of it (*.json)</source>
        <translation>Tabelle (*.csv);;Alles (*.json)</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>E GPa</source>
        <translation>E GPa</translation>
    </message>
    <message>
        <source>ν</source>
        <translation>ν</translation>
    </message>
    <message>
        <source>expansion µm/m K</source>
        <translation>Ausdehnung µm/m K</translation>
    </message>
    <message>
        <source>yield MPa</source>
        <translation>Streckgrenze MPa</translation>
    </message>
    <message>
        <source>kg/m³</source>
        <translation>kg/m³</translation>
    </message>
    <message>
        <source>W/m K</source>
        <translation>W/m K</translation>
    </message>
    <message>
        <source>J/kg K</source>
        <translation>J/kg K</translation>
    </message>
    <message>
        <source>ceiling °C</source>
        <translation>erwärmen bis °C</translation>
    </message>
    <message>
        <source>friction as</source>
        <translation>Reibung wie</translation>
    </message>
    <message>
        <source>steel</source>
        <translation>Stahl</translation>
    </message>
    <message>
        <source>cast iron</source>
        <translation>Gusseisen</translation>
    </message>
    <message>
        <source>aluminium</source>
        <translation>Aluminium</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Werkstoffe</translation>
    </message>
    <message>
        <source>One of our own   Ins</source>
        <translation>Eigener Werkstoff   Einfg</translation>
    </message>
    <message>
        <source>ours</source>
        <translation>eigener</translation>
    </message>
    <message>
        <source>Readings by depth and direction</source>
        <translation>Ablesungen nach Tiefe und Richtung</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>%1 deep, %2°: %3</source>
        <translation>%1 tief, %2°: %3</translation>
    </message>
    <message>
        <source>Diameters by depth and direction (%1)</source>
        <translation>Durchmesser nach Tiefe und Richtung (%1)</translation>
    </message>
    <message>
        <source>The last digits are enough. Arrow keys move, + − directions, * / depths, Delete clears.</source>
        <translation>Letzte Ziffern genügen. + − Richtungen, * / Tiefen.</translation>
    </message>
    <message>
        <source>%1 deep</source>
        <translation>%1 tief</translation>
    </message>
    <message>
        <source>Form of the bore</source>
        <translation>Form der Bohrung</translation>
    </message>
    <message>
        <source>Form of the journal</source>
        <translation>Form des Zapfens</translation>
    </message>
    <message>
        <source>Type the first readings: the form is drawn as they come.</source>
        <translation>Die ersten Ablesungen eingeben: Die Form wird gezeichnet, wie sie kommen.</translation>
    </message>
    <message>
        <source>enlarged %1 times; band: %2</source>
        <translation>%1-fach vergrößert; Band: %2</translation>
    </message>
    <message>
        <source>no class</source>
        <translation>keine Klasse</translation>
    </message>
    <message>
        <source>Ø %1
%2</source>
        <translation>Ø %1
%2</translation>
    </message>
    <message>
        <source>metal outside</source>
        <translation>Werkstoff außen</translation>
    </message>
    <message>
        <source>metal inside</source>
        <translation>Werkstoff innen</translation>
    </message>
    <message>
        <source>dashed: form tolerance %1</source>
        <translation>gestrichelt: Formtoleranz %1</translation>
    </message>
    <message>
        <source>open end</source>
        <translation>offenes Ende</translation>
    </message>
    <message>
        <source>What is measured</source>
        <translation>Was gemessen wird</translation>
    </message>
    <message>
        <source>Old bearing: %1</source>
        <translation>Altes Lager: %1</translation>
    </message>
    <message>
        <source>Outside, for flared ends</source>
        <translation>Außen, für aufgeweitete Enden</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>In der Mitte</translation>
    </message>
    <message>
        <source>Lower end</source>
        <translation>Unteres Ende</translation>
    </message>
    <message>
        <source>Upper end</source>
        <translation>Oberes Ende</translation>
    </message>
    <message>
        <source>over 0, up to 3000 mm</source>
        <translation>über 0, bis 3000 mm</translation>
    </message>
    <message>
        <source>Spacer&apos;s outside</source>
        <translation>Distanzhülse außen</translation>
    </message>
    <message>
        <source>Length of the spacer, round its end</source>
        <translation>Länge der Distanzhülse, rund um ihr Ende</translation>
    </message>
    <message>
        <source>On the surface plate, with the gauge over it (%1).</source>
        <translation>Auf der Messplatte, Messuhr darüber (%1).</translation>
    </message>
    <message>
        <source>Lower end, turned over</source>
        <translation>Unteres Ende, umgedreht</translation>
    </message>
    <message>
        <source>Indicator over the end face (%1).</source>
        <translation>Messuhr über der Stirnfläche (%1).</translation>
    </message>
    <message>
        <source>Gauge line</source>
        <translation>Anschluss</translation>
    </message>
    <message>
        <source>none: host:port</source>
        <translation>keiner: Host:Port</translation>
    </message>
    <message>
        <source>connecting</source>
        <translation>verbindet</translation>
    </message>
    <message>
        <source>its data button enters</source>
        <translation>seine Datentaste trägt ein</translation>
    </message>
    <message>
        <source>Clear reading</source>
        <translation>Ablesung löschen</translation>
    </message>
    <message>
        <source>%1 is more than 1 % away from %2: is the gauge set to the right master?</source>
        <translation>%1 liegt mehr als 1 % neben %2: Ist das Messgerät mit dem richtigen Einstellnormal eingestellt?</translation>
    </message>
    <message>
        <source>Reading at %1 deep, %2°</source>
        <translation>Ablesung bei %1 Tiefe, %2°</translation>
    </message>
    <message>
        <source>%1 is out of range</source>
        <translation>%1 ist außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>Length of the spacer</source>
        <translation>Länge der Distanzhülse</translation>
    </message>
    <message>
        <source>Lower end of the spacer</source>
        <translation>Unteres Ende der Distanzhülse</translation>
    </message>
    <message>
        <source>What the old bearing shows</source>
        <translation>Was das alte Lager zeigt</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>gesehen</translation>
    </message>
    <message>
        <source>not seen</source>
        <translation>nicht gesehen</translation>
    </message>
    <message>
        <source>What does the old bearing show?</source>
        <translation>Was zeigt das alte Lager?</translation>
    </message>
    <message>
        <source>Arrow keys move, Space marks it as seen. Use good light.</source>
        <translation>Pfeiltasten bewegen, Leertaste markiert als gesehen. Gutes Licht verwenden.</translation>
    </message>
    <message>
        <source>Temperature at measuring</source>
        <translation>Temperatur beim Messen</translation>
    </message>
    <message>
        <source>Gauge</source>
        <translation>Messgerät</translation>
    </message>
    <message>
        <source>Gauge uncertainty ±</source>
        <translation>Unsicherheit ±</translation>
    </message>
    <message>
        <source>0 to 0.1 mm</source>
        <translation>0 bis 0,1 mm</translation>
    </message>
    <message>
        <source>Gauge&apos;s uncertainty</source>
        <translation>Messunsicherheit</translation>
    </message>
    <message>
        <source>Part is at</source>
        <translation>Teil ist bei</translation>
    </message>
    <message>
        <source>Setting master</source>
        <translation>Einstellnormal bei</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>Condition</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>Finishing process</source>
        <translation>Bearbeitung</translation>
    </message>
    <message>
        <source>Finish, Ra or Rz</source>
        <translation>Rauheit, Ra oder Rz</translation>
    </message>
    <message>
        <source>Finish</source>
        <translation>Rauheit</translation>
    </message>
    <message>
        <source>write Ra 0.8 or Rz 4</source>
        <translation>Ra 0,8 oder Rz 4 schreiben</translation>
    </message>
    <message>
        <source>0 to 100 µm</source>
        <translation>0 bis 100 µm</translation>
    </message>
    <message>
        <source>Rz %1 µm used</source>
        <translation>Rz %1 µm verwendet</translation>
    </message>
    <message>
        <source>Rust pits</source>
        <translation>Rostnarben</translation>
    </message>
    <message>
        <source>Creep polish</source>
        <translation>Blank vom Wandern</translation>
    </message>
    <message>
        <source>Scored</source>
        <translation>Riefen</translation>
    </message>
    <message>
        <source>Ring is loose by hand</source>
        <translation>Ring von Hand lose</translation>
    </message>
    <message>
        <source>Shoulder run-out</source>
        <translation>Planlauf der Schulter</translation>
    </message>
    <message>
        <source>0 to 10 mm</source>
        <translation>0 bis 10 mm</translation>
    </message>
    <message>
        <source>%1, up to %2</source>
        <translation>%1, bis %2</translation>
    </message>
    <message>
        <source>Ring groove</source>
        <translation>Ringnut</translation>
    </message>
    <message>
        <source>Notches</source>
        <translation>Kerben</translation>
    </message>
    <message>
        <source>Cup stands proud</source>
        <translation>Außenring steht vor</translation>
    </message>
    <message>
        <source>of a ring in its bore</source>
        <translation>eines Rings in seiner Bohrung</translation>
    </message>
    <message>
        <source>How the cup stood</source>
        <translation>Wie der Außenring stand</translation>
    </message>
    <message>
        <source>up to 1000 mm</source>
        <translation>bis 1000 mm</translation>
    </message>
    <message>
        <source>%1, − is below</source>
        <translation>%1, − ist tiefer</translation>
    </message>
    <message>
        <source>Form tolerance</source>
        <translation>Formtoleranz</translation>
    </message>
    <message>
        <source>over 0, up to 1 mm</source>
        <translation>über 0, bis 1 mm</translation>
    </message>
    <message>
        <source>%1 used</source>
        <translation>%1 verwendet</translation>
    </message>
    <message>
        <source>the program&apos;s</source>
        <translation>das des Programms</translation>
    </message>
    <message>
        <source>Verdict is</source>
        <translation>Urteil ist</translation>
    </message>
    <message>
        <source>Overrule the verdict</source>
        <translation>Urteil überstimmen</translation>
    </message>
    <message>
        <source>because</source>
        <translation>weil</translation>
    </message>
    <message>
        <source>choose a verdict first</source>
        <translation>erst ein Urteil wählen</translation>
    </message>
    <message>
        <source>Why the verdict was overruled</source>
        <translation>Warum das Urteil überstimmt wurde</translation>
    </message>
    <message>
        <source>Nothing was wrong with it.</source>
        <translation>Es war alles in Ordnung.</translation>
    </message>
    <message>
        <source>It had been entered cocked.</source>
        <translation>Er war verkantet angesetzt.</translation>
    </message>
    <message>
        <source>The seat was dry.</source>
        <translation>Der Sitz war trocken.</translation>
    </message>
    <message>
        <source>The bore was far too small.</source>
        <translation>Die Bohrung war viel zu klein.</translation>
    </message>
    <message>
        <source>The bore was far too large.</source>
        <translation>Die Bohrung war viel zu groß.</translation>
    </message>
    <message>
        <source>The surfaces were galling.</source>
        <translation>Die Flächen fraßen.</translation>
    </message>
    <message>
        <source>A chip lay on the shoulder.</source>
        <translation>Ein Span lag auf der Schulter.</translation>
    </message>
    <message>
        <source>The sleeve stood on the other ring.</source>
        <translation>Die Hülse stand auf dem anderen Ring.</translation>
    </message>
    <message>
        <source>The support slipped.</source>
        <translation>Die Auflage rutschte.</translation>
    </message>
    <message>
        <source>It was warm and gripped on the way.</source>
        <translation>Er war warm und klemmte unterwegs.</translation>
    </message>
    <message>
        <source>The shoulder was not where the drawing has it.</source>
        <translation>Die Schulter war nicht, wo die Zeichnung sie hat.</translation>
    </message>
    <message>
        <source>Right, and in time</source>
        <translation>Richtig und rechtzeitig</translation>
    </message>
    <message>
        <source>Right, but late</source>
        <translation>Richtig, aber spät</translation>
    </message>
    <message>
        <source>Stopped, but not for that</source>
        <translation>Angehalten, aber nicht deswegen</translation>
    </message>
    <message>
        <source>A guess: nothing showed yet</source>
        <translation>Geraten: Noch war nichts zu sehen</translation>
    </message>
    <message>
        <source>Stopped for nothing</source>
        <translation>Grundlos angehalten</translation>
    </message>
    <message>
        <source>Missed it</source>
        <translation>Übersehen</translation>
    </message>
    <message>
        <source>Not proven home yet</source>
        <translation>Anschlag noch nicht bewiesen</translation>
    </message>
    <message>
        <source>Force now</source>
        <translation>Kraft jetzt</translation>
    </message>
    <message>
        <source>seating load</source>
        <translation>Anpresskraft</translation>
    </message>
    <message>
        <source>Travel</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>home at {size}</source>
        <translation>Anschlag bei {size}</translation>
    </message>
    <message>
        <source>home</source>
        <translation>Anschlag</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Punktestand</translation>
    </message>
    <message>
        <source>Rings pressed</source>
        <translation>Gepresste Ringe</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>{points} of {all}</source>
        <translation>{points} von {all}</translation>
    </message>
    <message>
        <source>You said</source>
        <translation>Ihre Antwort</translation>
    </message>
    <message>
        <source>It was</source>
        <translation>Es war</translation>
    </message>
    <message>
        <source>Certain at</source>
        <translation>Sicher bei</translation>
    </message>
    <message>
        <source>You released at</source>
        <translation>Losgelassen bei</translation>
    </message>
    <message>
        <source>What the trace shows</source>
        <translation>Was der Verlauf zeigt</translation>
    </message>
    <message>
        <source>Next ring</source>
        <translation>Nächster Ring</translation>
    </message>
    <message>
        <source>It is home</source>
        <translation>Er liegt an</translation>
    </message>
    <message>
        <source>Cocked start</source>
        <translation>Verkantet angesetzt</translation>
    </message>
    <message>
        <source>Too tight all the way</source>
        <translation>Durchweg zu fest</translation>
    </message>
    <message>
        <source>Too loose</source>
        <translation>Zu lose</translation>
    </message>
    <message>
        <source>Galling</source>
        <translation>Fressen</translation>
    </message>
    <message>
        <source>Something moved</source>
        <translation>Etwas hat sich bewegt</translation>
    </message>
    <message>
        <source>Stopped short</source>
        <translation>Zu früh stehen geblieben</translation>
    </message>
    <message>
        <source>No solid stop</source>
        <translation>Kein harter Anschlag</translation>
    </message>
    <message>
        <source>Gripped on the way</source>
        <translation>Unterwegs geklemmt</translation>
    </message>
    <message>
        <source>Past home</source>
        <translation>Über den Anschlag hinaus</translation>
    </message>
    <message>
        <source>Pushing</source>
        <translation>Pressen</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Push it home and hold it. Something may be wrong: then stop, and say what.</source>
        <translation>Bis zum Anschlag pressen und halten. Etwas kann nicht stimmen: dann anhalten und sagen, was.</translation>
    </message>
    <message>
        <source>Release</source>
        <translation>Loslassen</translation>
    </message>
    <message>
        <source>Push</source>
        <translation>Pressen</translation>
    </message>
    <message>
        <source>At a real press: stand clear of the line of force, eye protection, and stop when in doubt.</source>
        <translation>An einer echten Presse: nicht in der Kraftlinie stehen, Schutzbrille, im Zweifel anhalten.</translation>
    </message>
    <message>
        <source>N. Esc goes back.</source>
        <translation>N. Esc geht zurück.</translation>
    </message>
    <message>
        <source>Hold Space to push. Enter: it is home. 1 to 9: stop, because… Esc goes back.</source>
        <translation>Leertaste halten: pressen. Enter: er liegt an. 1 bis 9: anhalten, weil… Esc geht zurück.</translation>
    </message>
    <message>
        <source>Practice press</source>
        <translation>Übungspresse</translation>
    </message>
    <message>
        <source>A ring of %1, %2 wide, into its bore</source>
        <translation>Ein Ring %1, %2 breit, in seine Bohrung</translation>
    </message>
    <message>
        <source>It stands in the mouth of the bore. By the drawing it takes %1 %2 just before home, at %3; hold it once with %4. The relief valve opens a little above that.</source>
        <translation>Er steht an der Mündung der Bohrung. Nach der Zeichnung braucht er %1 %2 kurz vor dem Anschlag, bei %3; dort einmal mit %4 halten. Etwas darüber öffnet das Überdruckventil.</translation>
    </message>
    <message>
        <source>   %1 of %2 known</source>
        <translation>   %1 von %2 erkannt</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Gap even all round, every few blows</source>
        <translation>Spalt ringsum gleich, alle paar Schläge</translation>
    </message>
    <message>
        <source>Sound from dull to ringing</source>
        <translation>Klang von dumpf zu hell</translation>
    </message>
    <message>
        <source>Last blows did not move it</source>
        <translation>Die letzten Schläge bewegten ihn nicht</translation>
    </message>
    <message>
        <source>Reading: where, what is shown</source>
        <translation>Ablesung: wo, was die Anzeige zeigt</translation>
    </message>
    <message>
        <source>Draw-bolt set</source>
        <translation>Zugschraubensatz</translation>
    </message>
    <message>
        <source>Clear the last</source>
        <translation>Letzte löschen</translation>
    </message>
    <message>
        <source>Choose draw bolt</source>
        <translation>Zugschraube wählen</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>nicht geprüft</translation>
    </message>
    <message>
        <source>The loaded trace counts. Clear its field to read by hand.</source>
        <translation>Der geladene Verlauf gilt. Sein Feld leeren, um von Hand abzulesen.</translation>
    </message>
    <message>
        <source>Turns of the nut from the ring in the mouth, torque: 2.5 40. Enter takes it.</source>
        <translation>Umdrehungen der Mutter ab dem Ring an der Mündung, Moment: 2,5 40. Enter übernimmt.</translation>
    </message>
    <message>
        <source>Travel from the ring in the mouth, needle: 4 35. Enter takes it.</source>
        <translation>Weg ab dem Ring an der Mündung, Zeiger: 4 35. Enter übernimmt.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 before · </source>
        <translation>%1 vorher · </translation>
    </message>
    <message>
        <source>turns, %1</source>
        <translation>Umdrehungen, %1</translation>
    </message>
    <message>
        <source>Reading “%1”: two numbers, %2 and %3, are wanted</source>
        <translation>Ablesung „%1“: zwei Zahlen, %2 und %3, werden gebraucht</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Umdrehungen</translation>
    </message>
    <message>
        <source>Reading of %1</source>
        <translation>Ablesung von %1</translation>
    </message>
    <message>
        <source>What was seen</source>
        <translation>Was zu sehen war</translation>
    </message>
    <message>
        <source>the disk takes nothing more (%1): what comes waits in memory, make room</source>
        <translation>auf den Datenträger passt nichts mehr (%1): Was kommt, wartet im Speicher; bitte Platz schaffen</translation>
    </message>
    <message>
        <source>the instrument’s clock jumped %1 times</source>
        <translation>die Uhr des Messgeräts sprang %1-mal</translation>
    </message>
    <message>
        <source>%1 lines could not be read, last “%2”</source>
        <translation>%1 Zeilen waren nicht lesbar, zuletzt „%2“</translation>
    </message>
    <message>
        <source>no instrument</source>
        <translation>kein Messgerät</translation>
    </message>
    <message>
        <source>calling…</source>
        <translation>ruft…</translation>
    </message>
    <message>
        <source>connected, but silent for %1 s</source>
        <translation>verbunden, aber seit %1 s still</translation>
    </message>
    <message>
        <source>connected</source>
        <translation>verbunden</translation>
    </message>
    <message>
        <source>connected; </source>
        <translation>verbunden; </translation>
    </message>
    <message>
        <source>approach</source>
        <translation>Annäherung</translation>
    </message>
    <message>
        <source>Travel to go</source>
        <translation>Verbleibender Weg</translation>
    </message>
    <message>
        <source>of {size}</source>
        <translation>von {size}</translation>
    </message>
    <message>
        <source>Recording</source>
        <translation>Aufzeichnung</translation>
    </message>
    <message>
        <source>Operate the press: {phase}.</source>
        <translation>Presse betätigen: {phase}.</translation>
    </message>
    <message>
        <source>{phase}. {verdict}</source>
        <translation>{phase}. {verdict}</translation>
    </message>
    <message>
        <source>Held</source>
        <translation>Gehalten</translation>
    </message>
    <message>
        <source>{time} s</source>
        <translation>{time} s</translation>
    </message>
    <message>
        <source>Samples kept</source>
        <translation>Messwerte gesichert</translation>
    </message>
    <message>
        <source>What it shows</source>
        <translation>Was sich zeigt</translation>
    </message>
    <message>
        <source>Stop and keep the trace</source>
        <translation>Anhalten und Verlauf behalten</translation>
    </message>
    <message>
        <source>No reading for {time} s</source>
        <translation>Keine Ablesung seit {time} s</translation>
    </message>
    <message>
        <source>Stop the ram: the transducer is silent, so nothing watches the force.</source>
        <translation>Stößel anhalten: Der Aufnehmer schweigt, nichts überwacht die Kraft.</translation>
    </message>
    <message>
        <source>The line is open and the transducer silent: check it before the press.</source>
        <translation>Die Verbindung steht, der Aufnehmer schweigt: vor dem Pressen prüfen.</translation>
    </message>
    <message>
        <source>Waits for the transducer.</source>
        <translation>Wartet auf den Aufnehmer.</translation>
    </message>
    <message>
        <source>Unsaved recording found</source>
        <translation>Nicht gesicherte Aufzeichnung gefunden</translation>
    </message>
    <message>
        <source>It was begun and never kept. Nothing of it is lost.</source>
        <translation>Sie wurde begonnen und nie gesichert. Nichts davon ist verloren.</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>Last written</source>
        <translation>Zuletzt geschrieben</translation>
    </message>
    <message>
        <source>This job has a trace already</source>
        <translation>Dieser Auftrag hat schon einen Verlauf</translation>
    </message>
    <message>
        <source>The one taken over replaces it.</source>
        <translation>Der übernommene ersetzt ihn.</translation>
    </message>
    <message>
        <source>Take it over</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>No prediction yet</source>
        <translation>Noch keine Vorhersage</translation>
    </message>
    <message>
        <source>Last force read</source>
        <translation>Zuletzt abgelesene Kraft</translation>
    </message>
    <message>
        <source>{time} s ago</source>
        <translation>vor {time} s</translation>
    </message>
    <message>
        <source>On your gauge</source>
        <translation>Auf Ihrer Anzeige</translation>
    </message>
    <message>
        <source>Transducer connected</source>
        <translation>Aufnehmer verbunden</translation>
    </message>
    <message>
        <source>Set the tools on it, zero it without load, then record.</source>
        <translation>Werkzeuge auflegen, ohne Last nullen, dann aufzeichnen.</translation>
    </message>
    <message>
        <source>Stand the ring square in the mouth of the bore, zero it, then record.</source>
        <translation>Ring gerade an die Mündung der Bohrung stellen, nullen, dann aufzeichnen.</translation>
    </message>
    <message>
        <source>Watch for</source>
        <translation>Darauf achten</translation>
    </message>
    <message>
        <source>Record the press</source>
        <translation>Pressung aufzeichnen</translation>
    </message>
    <message>
        <source>Stand clear of the line of force: up to {energy} J in frame and stack. Eye protection.</source>
        <translation>Nicht in der Kraftlinie stehen: bis zu {energy} J in Gestell und Aufbau. Schutzbrille.</translation>
    </message>
    <message>
        <source>Raw data</source>
        <translation>Rohdaten</translation>
    </message>
    <message>
        <source>Measured with</source>
        <translation>Gemessen mit</translation>
    </message>
    <message>
        <source>Trace file</source>
        <translation>Verlaufsdatei</translation>
    </message>
    <message>
        <source>Transducer</source>
        <translation>Aufnehmer</translation>
    </message>
    <message>
        <source>Gauge needle</source>
        <translation>Manometer</translation>
    </message>
    <message>
        <source>Torque wrench</source>
        <translation>Drehmomentschlüssel</translation>
    </message>
    <message>
        <source>Hammer</source>
        <translation>Hammer</translation>
    </message>
    <message>
        <source>Measure with the %1</source>
        <translation>Messen mit: %1</translation>
    </message>
    <message>
        <source>trace file: t_s,travel_mm,force_N, or points of a gauge: travel_mm,gauge_bar</source>
        <translation>Verlaufsdatei: t_s,travel_mm,force_N, oder Punkte eines Manometers: travel_mm,gauge_bar</translation>
    </message>
    <message>
        <source>Choose a trace…</source>
        <translation>Verlauf wählen…</translation>
    </message>
    <message>
        <source>127.0.0.1:port or /dev/tty…</source>
        <translation>127.0.0.1:Port oder /dev/tty…</translation>
    </message>
    <message>
        <source>Press transducer</source>
        <translation>Pressenaufnehmer</translation>
    </message>
    <message>
        <source>Ram above, bed below, three quarters of the way. Pick a part to see its sizes.</source>
        <translation>Stößel oben, Tisch unten, drei Viertel des Wegs. Ein Teil anwählen zeigt seine Maße.</translation>
    </message>
    <message>
        <source>As it stands: %1 of %2.</source>
        <translation>Wie es steht: %1 von %2.</translation>
    </message>
    <message>
        <source>ram stroke %1 of %2</source>
        <translation>Hub %1 von %2</translation>
    </message>
    <message>
        <source>Remove trace</source>
        <translation>Verlauf entfernen</translation>
    </message>
    <message>
        <source>Choose a trace</source>
        <translation>Verlauf wählen</translation>
    </message>
    <message>
        <source>Traces (*.csv);;All files (*)</source>
        <translation>Verläufe (*.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Delete: discard it; the file stays.</source>
        <translation>Entf: verwerfen; die Datei bleibt.</translation>
    </message>
    <message>
        <source>Space. Z: zero here.</source>
        <translation>Leertaste. Z: hier nullen.</translation>
    </message>
    <message>
        <source>Washers Ø</source>
        <translation>Scheiben Ø</translation>
    </message>
    <message>
        <source>Outside</source>
        <translation>Außen</translation>
    </message>
    <message>
        <source>Bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Head Ø</source>
        <translation>Kopf Ø</translation>
    </message>
    <message>
        <source>Head thickness</source>
        <translation>Kopfdicke</translation>
    </message>
    <message>
        <source>Head bore</source>
        <translation>Kopfbohrung</translation>
    </message>
    <message>
        <source>Pilot Ø</source>
        <translation>Zentrierung Ø</translation>
    </message>
    <message>
        <source>Pilot length</source>
        <translation>Zentrierlänge</translation>
    </message>
    <message>
        <source>Min. opening</source>
        <translation>Kleinste Öffnung</translation>
    </message>
    <message>
        <source>Max. opening</source>
        <translation>Größte Öffnung</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>Jaw thickness</source>
        <translation>Backendicke</translation>
    </message>
    <message>
        <source>Knife-edge height</source>
        <translation>Höhe der Schneide</translation>
    </message>
    <message>
        <source>Thread</source>
        <translation>Gewinde</translation>
    </message>
    <message>
        <source>Class</source>
        <translation>Festigkeitsklasse</translation>
    </message>
    <message>
        <source>Nut and washer</source>
        <translation>Mutter und Scheibe</translation>
    </message>
    <message>
        <source>Wrench length</source>
        <translation>Schlüssellänge</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>Hub</translation>
    </message>
    <message>
        <source>Tool no.</source>
        <translation>Werkzeug-Nr.</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Nummer</translation>
    </message>
    <message>
        <source>%1 is there already</source>
        <translation>%1 ist schon vorhanden</translation>
    </message>
    <message>
        <source>Tool no. %1</source>
        <translation>Werkzeug-Nr. %1</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>Photo file</source>
        <translation>Fotodatei</translation>
    </message>
    <message>
        <source>Hardened</source>
        <translation>Gehärtet</translation>
    </message>
    <message>
        <source>yes: pressed only</source>
        <translation>ja: nur pressen</translation>
    </message>
    <message>
        <source>Kind of tool</source>
        <translation>Werkzeugart</translation>
    </message>
    <message>
        <source>All kinds</source>
        <translation>Alle Arten</translation>
    </message>
    <message>
        <source>Ø it must clear</source>
        <translation>Ø, der durchgehen muss</translation>
    </message>
    <message>
        <source>Ø it must cover</source>
        <translation>Ø, der gedeckt werden muss</translation>
    </message>
    <message>
        <source>number, name, place</source>
        <translation>Nummer, Name, Platz</translation>
    </message>
    <message>
        <source>New tool</source>
        <translation>Neues Werkzeug</translation>
    </message>
    <message>
        <source>New tool by its sizes</source>
        <translation>Neues Werkzeug nach Maßen</translation>
    </message>
    <message>
        <source>outside / bore × length, as 61.2 / 54.6 × 72</source>
        <translation>außen / Bohrung × Länge, zum Beispiel 61,2 / 54,6 × 72</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Importieren…</translation>
    </message>
    <message>
        <source>%1 and %2 have the same sizes</source>
        <translation>%1 und %2 haben dieselben Maße</translation>
    </message>
    <message>
        <source>New tool %1</source>
        <translation>Neues Werkzeug %1</translation>
    </message>
    <message>
        <source>%1 is on the rack: engrave the tool no., say where it lies.</source>
        <translation>%1 steht im Regal: Werkzeug-Nr. eingravieren, Platz angeben.</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>%1 is off the rack; Ctrl+Z puts it back.</source>
        <translation>%1 ist aus dem Regal; Strg+Z holt es zurück.</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importieren</translation>
    </message>
    <message>
        <source>%1 added</source>
        <translation>%1 hinzugefügt</translation>
    </message>
    <message>
        <source>Tools to add</source>
        <translation>Hinzuzufügende Werkzeuge</translation>
    </message>
    <message>
        <source>Where to</source>
        <translation>Wohin</translation>
    </message>
    <message>
        <source>Rack</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>%1 tools, none is chosen</source>
        <translation>%1 Werkzeuge, keines gewählt</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Passung</translation>
    </message>
    <message>
        <source>%1, from the bed up</source>
        <translation>%1, vom Tisch aufwärts</translation>
    </message>
    <message>
        <source>as it was pressed out</source>
        <translation>wie es ausgepresst wurde</translation>
    </message>
    <message>
        <source>as it was pressed home</source>
        <translation>wie es eingepresst wurde</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>force against travel over what was expected</source>
        <translation>Kraft über dem Weg, darunter das Erwartete</translation>
    </message>
    <message>
        <source>nothing was recorded</source>
        <translation>nichts wurde aufgezeichnet</translation>
    </message>
    <message>
        <source>friction found %1</source>
        <translation>gefundene Reibung %1</translation>
    </message>
    <message>
        <source>went in warm: %1</source>
        <translation>warm gefügt: %1</translation>
    </message>
    <message>
        <source>readings round the ring, %1</source>
        <translation>Ablesungen rund um den Ring, %1</translation>
    </message>
    <message>
        <source>: no</source>
        <translation>: nein</translation>
    </message>
    <message>
        <source>retaining ring probed at %1 places of 12</source>
        <translation>Sicherungsring an %1 von 12 Stellen geprüft</translation>
    </message>
    <message>
        <source>Adjust</source>
        <translation>Einstellen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Abschluss</translation>
    </message>
    <message>
        <source>wanted %1, read %2</source>
        <translation>gefordert %1, abgelesen %2</translation>
    </message>
    <message>
        <source>the maker’s value</source>
        <translation>der Wert des Herstellers</translation>
    </message>
    <message>
        <source>run-in, minute %1: %2</source>
        <translation>Einlaufen, Minute %1: %2</translation>
    </message>
    <message>
        <source>recorded by %1, %2</source>
        <translation>aufgezeichnet von %1, %2</translation>
    </message>
    <message>
        <source>done by%1</source>
        <translation>ausgeführt von%1</translation>
    </message>
    <message>
        <source>released by%1</source>
        <translation>freigegeben von%1</translation>
    </message>
    <message>
        <source>   Advises and does not certify; follow local rules.</source>
        <translation>   Berät und bescheinigt nicht; die örtlichen Regeln gelten.</translation>
    </message>
    <message>
        <source>HOLD   </source>
        <translation>SPERRE   </translation>
    </message>
    <message>
        <source>checked by, when</source>
        <translation>geprüft von, wann</translation>
    </message>
    <message>
        <source>{head}: {detail}</source>
        <translation>{head}: {detail}</translation>
    </message>
    <message>
        <source>Both sides: %1</source>
        <translation>Beide Seiten: %1</translation>
    </message>
    <message>
        <source>This side only: %1</source>
        <translation>Nur diese Seite: %1</translation>
    </message>
    <message>
        <source>Put together</source>
        <translation>Zusammenbauen</translation>
    </message>
    <message>
        <source>Take apart</source>
        <translation>Zerlegen</translation>
    </message>
    <message>
        <source>Setup %1: as it stands</source>
        <translation>Aufbau %1: wie er steht</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>______________________</source>
        <translation>______________________</translation>
    </message>
    <message>
        <source>Seats cleaned, measured and found good</source>
        <translation>Sitze gereinigt, gemessen und für gut befunden</translation>
    </message>
    <message>
        <source>%1, %2 on %3</source>
        <translation>%1, %2 auf %3</translation>
    </message>
    <message>
        <source>Nothing on the rack does it: no work until that is settled.</source>
        <translation>Nichts im Regal passt: keine Arbeit, bis das geklärt ist.</translation>
    </message>
    <message>
        <source>The stack before it moves</source>
        <translation>Der Aufbau, bevor er sich bewegt</translation>
    </message>
    <message>
        <source>Stack checked: the force stays in the ring</source>
        <translation>Aufbau geprüft: Die Kraft bleibt im Ring</translation>
    </message>
    <message>
        <source>Home and square, proven by readings</source>
        <translation>Anliegend und rechtwinklig, durch Ablesungen bewiesen</translation>
    </message>
    <message>
        <source>Turns freely, caps and pins in, released by a person authorised for it</source>
        <translation>Dreht frei, Kappen und Splinte sitzen, freigegeben von einer dafür befugten Person</translation>
    </message>
    <message>
        <source>This job was written by a newer program (version %1 of the file, %2 is known here): it is open to be read, and nothing is written over it.</source>
        <translation>Dieser Auftrag stammt von einem neueren Programm (Dateiversion %1, hier bekannt %2): Er ist zum Lesen offen, und nichts wird darüber geschrieben.</translation>
    </message>
    <message>
        <source>Read the thermometer</source>
        <translation>Thermometer ablesen</translation>
    </message>
    <message>
        <source>Finish %1</source>
        <translation>%1 abschließen</translation>
    </message>
    <message>
        <source>Reopen %1</source>
        <translation>%1 wieder öffnen</translation>
    </message>
    <message>
        <source>Write the record</source>
        <translation>Protokoll schreiben</translation>
    </message>
    <message>
        <source>Load trace</source>
        <translation>Verlauf laden</translation>
    </message>
    <message>
        <source>Attach photo</source>
        <translation>Foto anhängen</translation>
    </message>
    <message>
        <source>Not saved. %1</source>
        <translation>Nicht gesichert. %1</translation>
    </message>
    <message>
        <source>Another window saved this job too; both are kept.</source>
        <translation>Ein anderes Fenster hat diesen Auftrag auch gesichert; beides ist erhalten.</translation>
    </message>
    <message>
        <source> %1: here %2, there %3.</source>
        <translation> %1: hier %2, dort %3.</translation>
    </message>
    <message>
        <source> Theirs is whole in %1.</source>
        <translation> Der andere Stand liegt vollständig in %1.</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>no job</source>
        <translation>kein Auftrag</translation>
    </message>
    <message>
        <source>Cannot be read</source>
        <translation>Nicht lesbar</translation>
    </message>
    <message>
        <source>Closed %1</source>
        <translation>Abgeschlossen %1</translation>
    </message>
    <message>
        <source>Stopped</source>
        <translation>Angehalten</translation>
    </message>
    <message>
        <source>Closed</source>
        <translation>Abgeschlossen</translation>
    </message>
    <message>
        <source>Waiting</source>
        <translation>Wartet</translation>
    </message>
    <message>
        <source>On the bench</source>
        <translation>In Arbeit</translation>
    </message>
    <message>
        <source>Job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>What is next</source>
        <translation>Was als Nächstes kommt</translation>
    </message>
    <message>
        <source>Where it stands</source>
        <translation>Wie es steht</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>No jobs in %1.</source>
        <translation>Keine Aufträge in %1.</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>bereit</translation>
    </message>
    <message>
        <source>too late</source>
        <translation>zu spät</translation>
    </message>
    <message>
        <source>let go</source>
        <translation>loslassen</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>messen</translation>
    </message>
    <message>
        <source>Clocks</source>
        <translation>Uhren</translation>
    </message>
    <message>
        <source>out</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>in</source>
        <translation>ein</translation>
    </message>
    <message>
        <source>Open folder…</source>
        <translation>Ordner öffnen…</translation>
    </message>
    <message>
        <source>Import job…</source>
        <translation>Auftrag importieren…</translation>
    </message>
    <message>
        <source>Recent jobs</source>
        <translation>Letzte Aufträge</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Arrangement</source>
        <translation>Anordnung</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>End play of this shop</source>
        <translation>Axialspiel dieser Werkstatt</translation>
    </message>
    <message>
        <source>Materials of this shop</source>
        <translation>Werkstoffe dieser Werkstatt</translation>
    </message>
    <message>
        <source>Dark theme</source>
        <translation>Dunkle Darstellung</translation>
    </message>
    <message>
        <source>Inch or metric</source>
        <translation>Zoll oder metrisch</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>Next station</source>
        <translation>Nächste Station</translation>
    </message>
    <message>
        <source>Previous station</source>
        <translation>Vorige Station</translation>
    </message>
    <message>
        <source>Next pressed step</source>
        <translation>Nächster Pressschritt</translation>
    </message>
    <message>
        <source>Previous pressed step</source>
        <translation>Voriger Pressschritt</translation>
    </message>
    <message>
        <source>Next action</source>
        <translation>Nächste Handlung</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>Brisk Arbor</source>
        <translation>Brisk Arbor</translation>
    </message>
    <message>
        <source>C</source>
        <translation>C</translation>
    </message>
    <message>
        <source>This job is not saved: what is on the screen would be lost. Make room on the disk, or do the same again to leave it. %1</source>
        <translation>Dieser Auftrag ist nicht gesichert: Was auf dem Bildschirm steht, ginge verloren. Platz auf dem Datenträger schaffen, oder dasselbe noch einmal tun, um ihn zu verlassen. %1</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>A job from another shop</source>
        <translation>Ein Auftrag aus einer anderen Werkstatt</translation>
    </message>
    <message>
        <source>Jobs (*.arbor.json)</source>
        <translation>Aufträge (*.arbor.json)</translation>
    </message>
    <message>
        <source>%1 was given on another bench meanwhile: yours is %2.</source>
        <translation>%1 wurde inzwischen an einem anderen Platz vergeben: Ihrer ist %2.</translation>
    </message>
    <message>
        <source>Friction</source>
        <translation>Reibung</translation>
    </message>
    <message>
        <source>From another shop</source>
        <translation>Aus anderer Werkstatt</translation>
    </message>
    <message>
        <source> · one job</source>
        <translation> · ein Auftrag</translation>
    </message>
    <message>
        <source> · %1 jobs</source>
        <translation> · %1 Aufträge</translation>
    </message>
    <message>
        <source>rack.csv is not UTF-8: its letters were taken for Latin-1. Look at the names; the next change saves it as UTF-8.</source>
        <translation>rack.csv ist nicht UTF-8: Die Buchstaben wurden als Latin-1 gelesen. Namen bitte prüfen; die nächste Änderung sichert als UTF-8.</translation>
    </message>
    <message>
        <source>Change units</source>
        <translation>Einheiten ändern</translation>
    </message>
    <message>
        <source>Folder of jobs</source>
        <translation>Auftragsordner</translation>
    </message>
    <message>
        <source>Stations</source>
        <translation>Stationen</translation>
    </message>
    <message>
        <source>All: %1</source>
        <translation>Alle: %1</translation>
    </message>
    <message>
        <source>2  Warm</source>
        <translation>2  Wärmen</translation>
    </message>
    <message>
        <source>3  Press</source>
        <translation>3  Pressen</translation>
    </message>
    <message>
        <source>4  Prove</source>
        <translation>4  Nachweisen</translation>
    </message>
    <message>
        <source>1  Set up</source>
        <translation>1  Rüsten</translation>
    </message>
    <message>
        <source>Job card</source>
        <translation>Auftragskarte</translation>
    </message>
    <message>
        <source>no longer: %1</source>
        <translation>nicht mehr: %1</translation>
    </message>
    <message>
        <source>Stop: %1</source>
        <translation>Halt: %1</translation>
    </message>
    <message>
        <source>Check: %1</source>
        <translation>Prüfen: %1</translation>
    </message>
    <message>
        <source>Order of tightening, clockwise from the top: %1</source>
        <translation>Anziehreihenfolge, im Uhrzeigersinn von oben: %1</translation>
    </message>
    <message>
        <source>The record</source>
        <translation>Das Protokoll</translation>
    </message>
    <message>
        <source>Goes into the job file as it stands now.</source>
        <translation>Kommt in die Auftragsdatei, wie es jetzt steht.</translation>
    </message>
    <message>
        <source>Who did the work</source>
        <translation>Wer die Arbeit ausgeführt hat</translation>
    </message>
    <message>
        <source>done by</source>
        <translation>ausgeführt von</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>notes: what worked, what to check next time</source>
        <translation>Notizen: was sich bewährt hat, worauf nächstes Mal zu achten ist</translation>
    </message>
    <message>
        <source>Write notes</source>
        <translation>Notizen schreiben</translation>
    </message>
    <message>
        <source>Written</source>
        <translation>Geschrieben</translation>
    </message>
    <message>
        <source> by </source>
        <translation> von </translation>
    </message>
    <message>
        <source>Bearing, bore</source>
        <translation>Lager, Bohrung</translation>
    </message>
    <message>
        <source> in </source>
        <translation> in </translation>
    </message>
    <message>
        <source>Interference</source>
        <translation>Übermaß</translation>
    </message>
    <message>
        <source>Force expected</source>
        <translation>Erwartete Kraft</translation>
    </message>
    <message>
        <source>Force measured</source>
        <translation>Gemessene Kraft</translation>
    </message>
    <message>
        <source>peak %1 at the end of %2</source>
        <translation>höchstens %1, am Ende von %2</translation>
    </message>
    <message>
        <source>no trace</source>
        <translation>kein Verlauf</translation>
    </message>
    <message>
        <source>Press and tools</source>
        <translation>Presse und Werkzeuge</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Ablesungen</translation>
    </message>
    <message>
        <source>%1 places</source>
        <translation>%1 Stellen</translation>
    </message>
    <message>
        <source>Out of square</source>
        <translation>Schief</translation>
    </message>
    <message>
        <source>, tilt %1 arc-min</source>
        <translation>, Kippung %1 Winkelminuten</translation>
    </message>
    <message>
        <source>As it is pressed home</source>
        <translation>Wie es bis zum Anschlag gepresst ist</translation>
    </message>
    <message>
        <source>Keep it for the next time. Pick a part for its sizes.</source>
        <translation>Für das nächste Mal.</translation>
    </message>
    <message>
        <source>maker’s figure</source>
        <translation>Wert des Herstellers</translation>
    </message>
    <message>
        <source>%1 stages, first %2</source>
        <translation>%1 Stufen, erste %2</translation>
    </message>
    <message>
        <source>then %1° on</source>
        <translation>dann %1° weiter</translation>
    </message>
    <message>
        <source>used once</source>
        <translation>einmal verwenden</translation>
    </message>
    <message>
        <source>Tightening list</source>
        <translation>Anzugsliste</translation>
    </message>
    <message>
        <source>Another line: name, count x value, then star or round, 2 stages, 90 deg, new, pin, stake, tab, paste</source>
        <translation>Weitere Zeile: Name, Anzahl x Wert, dann star oder round, 2 stages, 90 deg, new, pin, stake, tab, paste</translation>
    </message>
    <message>
        <source>Plate screws 4 x 25 star tab</source>
        <translation>Plattenschrauben 4 x 25 star tab</translation>
    </message>
    <message>
        <source>Run-in</source>
        <translation>Einlaufen</translation>
    </message>
    <message>
        <source>Ambient</source>
        <translation>Umgebung</translation>
    </message>
    <message>
        <source>Minute and temperature at the bearing: 15 38</source>
        <translation>Minute und Temperatur am Lager: 15 38</translation>
    </message>
    <message>
        <source>15 38</source>
        <translation>15 38</translation>
    </message>
    <message>
        <source>Released</source>
        <translation>Freigegeben</translation>
    </message>
    <message>
        <source>By the person authorised for it, by local rules and the machine maker’s</source>
        <translation>Von der dafür befugten Person, nach den örtlichen Regeln und denen des Maschinenherstellers</translation>
    </message>
    <message>
        <source>Ambient of the run-in: %1</source>
        <translation>Umgebung beim Einlaufen: %1</translation>
    </message>
    <message>
        <source>Run-in plan</source>
        <translation>Einlaufplan</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>Torque read “%1”: a number, 0 or more</source>
        <translation>Abgelesenes Moment „%1“: eine Zahl ab 0</translation>
    </message>
    <message>
        <source>Torque read</source>
        <translation>Abgelesenes Moment</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>Torque read on %1</source>
        <translation>Abgelesenes Moment: %1</translation>
    </message>
    <message>
        <source>×</source>
        <translation>×</translation>
    </message>
    <message>
        <source>Remove %1 from the list</source>
        <translation>%1 aus der Liste entfernen</translation>
    </message>
    <message>
        <source>Remove from the list</source>
        <translation>Aus der Liste entfernen</translation>
    </message>
    <message>
        <source>Run-in “%1”: minute and temperature are wanted, each later than the one before</source>
        <translation>Einlaufen „%1“: Minute und Temperatur werden gebraucht, jede später als die vorige</translation>
    </message>
    <message>
        <source>Run-in reading</source>
        <translation>Ablesung beim Einlaufen</translation>
    </message>
    <message>
        <source>%1 min %2 %3</source>
        <translation>%1 min %2 %3</translation>
    </message>
    <message>
        <source>Read every quarter of an hour until it settles.</source>
        <translation>Jede Viertelstunde ablesen, bis es sich einstellt.</translation>
    </message>
    <message>
        <source>; seat Ø%1, %2</source>
        <translation>; Sitz Ø%1, %2</translation>
    </message>
    <message>
        <source>, measured %1</source>
        <translation>, gemessen %1</translation>
    </message>
    <message>
        <source>%1, %2. </source>
        <translation>%1, %2. </translation>
    </message>
    <message>
        <source>Passes the push to the face it stands on.</source>
        <translation>Gibt den Druck an die Fläche weiter, auf der es steht.</translation>
    </message>
    <message>
        <source>Carries the work; nothing that hangs below may touch.</source>
        <translation>Trägt das Werkstück; nichts, was darunter hängt, darf aufsitzen.</translation>
    </message>
    <message>
        <source>Fills the height between sleeve and ram.</source>
        <translation>Füllt die Höhe zwischen Hülse und Stößel.</translation>
    </message>
    <message>
        <source>needles</source>
        <translation>Nadeln</translation>
    </message>
    <message>
        <source>balls</source>
        <translation>Kugeln</translation>
    </message>
    <message>
        <source>rollers</source>
        <translation>Rollen</translation>
    </message>
    <message>
        <source>no axial load at all</source>
        <translation>gar keine Axiallast</translation>
    </message>
    <message>
        <source>axial static load rating %1%2</source>
        <translation>axiale statische Tragzahl %1%2</translation>
    </message>
    <message>
        <source> (estimate)</source>
        <translation> (Schätzung)</translation>
    </message>
    <message>
        <source>%1 %2 Ø%3: %4. Must not be loaded while pressing.</source>
        <translation>%1 %2 Ø%3: %4. Darf beim Pressen nicht belastet werden.</translation>
    </message>
    <message>
        <source>; must not be pushed or carry anything.</source>
        <translation>; darf weder gedrückt werden noch etwas tragen.</translation>
    </message>
    <message>
        <source>, outer ring</source>
        <translation>, Außenring</translation>
    </message>
    <message>
        <source>, inner ring</source>
        <translation>, Innenring</translation>
    </message>
    <message>
        <source>Capacity %1.</source>
        <translation>Gibt bis zu %1.</translation>
    </message>
    <message>
        <source>On the bench before it is stripped</source>
        <translation>Auf der Werkbank, vor dem Zerlegen</translation>
    </message>
    <message>
        <source>Attach a photo…</source>
        <translation>Foto anhängen…</translation>
    </message>
    <message>
        <source>Photos</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>Delete takes the chosen photo off the job; the file stays.</source>
        <translation>Entf nimmt das gewählte Foto aus dem Auftrag; die Datei bleibt.</translation>
    </message>
    <message>
        <source>Remove photo</source>
        <translation>Foto entfernen</translation>
    </message>
    <message>
        <source>The complaint</source>
        <translation>Die Beanstandung</translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation>Was nicht stimmt</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>Check before you strip</source>
        <translation>Vor dem Zerlegen prüfen</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>bad</source>
        <translation>schlecht</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Prüfung</translation>
    </message>
    <message>
        <source>One side or both</source>
        <translation>Eine Seite oder beide</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>not decided</source>
        <translation>nicht entschieden</translation>
    </message>
    <message>
        <source>both sides: same wear</source>
        <translation>beide Seiten: gleicher Verschleiß</translation>
    </message>
    <message>
        <source>only this one</source>
        <translation>nur diese</translation>
    </message>
    <message>
        <source>Photo</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Kit</source>
        <translation>Teilesatz</translation>
    </message>
    <message>
        <source> (cannot be shown)</source>
        <translation> (nicht darstellbar)</translation>
    </message>
    <message>
        <source>What is on the machine</source>
        <translation>Was in der Maschine ist</translation>
    </message>
    <message>
        <source>Section to scale. Ctrl+G changes the arrangement.</source>
        <translation>Im Maßstab. Strg+G ändert die Anordnung.</translation>
    </message>
    <message>
        <source>No arrangement yet. Ctrl+G starts one from a shape.</source>
        <translation>Noch keine Anordnung. Strg+G beginnt mit einer Bauform.</translation>
    </message>
    <message>
        <source>Checked</source>
        <translation>Geprüft</translation>
    </message>
    <message>
        <source>Pull on string [N]</source>
        <translation>Zug an der Schnur [N]</translation>
    </message>
    <message>
        <source>turning evenly</source>
        <translation>gleichmäßig drehend</translation>
    </message>
    <message>
        <source>at radius [mm]</source>
        <translation>am Radius [mm]</translation>
    </message>
    <message>
        <source>Accepted by concession, by</source>
        <translation>Mit Sonderfreigabe angenommen von</translation>
    </message>
    <message>
        <source>the reason</source>
        <translation>der Grund</translation>
    </message>
    <message>
        <source>Retaining ring probed at %1 o’clock</source>
        <translation>Sicherungsring bei %1 Uhr geprüft</translation>
    </message>
    <message>
        <source>Ring at %1 o’clock</source>
        <translation>Ring bei %1 Uhr</translation>
    </message>
    <message>
        <source>Accept the seat by concession</source>
        <translation>Sitz mit Sonderfreigabe annehmen</translation>
    </message>
    <message>
        <source>Pull and radius: numbers, 0 or more</source>
        <translation>Zug und Radius: Zahlen ab 0</translation>
    </message>
    <message>
        <source>Pull on the string</source>
        <translation>Zug an der Schnur</translation>
    </message>
    <message>
        <source>?  </source>
        <translation>?  </translation>
    </message>
    <message>
        <source>✓  </source>
        <translation>✓  </translation>
    </message>
    <message>
        <source>✗  </source>
        <translation>✗  </translation>
    </message>
    <message>
        <source>Retaining ring probed at %1 of %2</source>
        <translation>Sicherungsring an %1 von %2 geprüft</translation>
    </message>
    <message>
        <source>Readings on a clock face</source>
        <translation>Ablesungen auf dem Zifferblatt</translation>
    </message>
    <message>
        <source>%1 o’clock: %2</source>
        <translation>%1 Uhr: %2</translation>
    </message>
    <message>
        <source>Is it home, and is it square?</source>
        <translation>Liegt er an, und sitzt er rechtwinklig?</translation>
    </message>
    <message>
        <source>Depth, housing face to ring (%1).</source>
        <translation>Tiefe, Gehäusefläche bis Ring (%1).</translation>
    </message>
    <message>
        <source>Feeler gap between ring and shoulder (%1).</source>
        <translation>Fühlerlehrenspalt zwischen Ring und Schulter (%1).</translation>
    </message>
    <message>
        <source>Rise of the ring’s face under the indicator (%1).</source>
        <translation>Höhe der Ringfläche unter der Messuhr (%1).</translation>
    </message>
    <message>
        <source> Arrows, digits, + and − %1 places.</source>
        <translation> Pfeile, Ziffern, + und − %1 Stellen.</translation>
    </message>
    <message>
        <source>%1 of at least 3 readings</source>
        <translation>%1 von mindestens 3 Ablesungen</translation>
    </message>
    <message>
        <source>level</source>
        <translation>eben</translation>
    </message>
    <message>
        <source>high side at</source>
        <translation>hohe Seite bei</translation>
    </message>
    <message>
        <source>%1 o’clock</source>
        <translation>%1 Uhr</translation>
    </message>
    <message>
        <source>depth gauge</source>
        <translation>Tiefenmaß</translation>
    </message>
    <message>
        <source>feelers</source>
        <translation>Fühlerlehre</translation>
    </message>
    <message>
        <source>indicator</source>
        <translation>Messuhr</translation>
    </message>
    <message>
        <source>Kind of reading</source>
        <translation>Art der Ablesung</translation>
    </message>
    <message>
        <source>home at</source>
        <translation>anliegend bei</translation>
    </message>
    <message>
        <source>Depth by the drawing; empty: as it is drawn here</source>
        <translation>Tiefe nach Zeichnung; leer: wie hier gezeichnet</translation>
    </message>
    <message>
        <source>Change kind of reading</source>
        <translation>Art der Ablesung ändern</translation>
    </message>
    <message>
        <source>indicator on a line: 127.0.0.1:port or /dev/tty…</source>
        <translation>Messuhr am Anschluss: 127.0.0.1:Port oder /dev/tty…</translation>
    </message>
    <message>
        <source>Line of the indicator</source>
        <translation>Anschluss der Messuhr</translation>
    </message>
    <message>
        <source>no indicator</source>
        <translation>keine Messuhr</translation>
    </message>
    <message>
        <source>The indicator sent “%1”</source>
        <translation>Die Messuhr sandte „%1“</translation>
    </message>
    <message>
        <source>Depth %1 is out of range</source>
        <translation>Tiefe %1 ist außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>Depth by the drawing</source>
        <translation>Tiefe nach Zeichnung</translation>
    </message>
    <message>
        <source>%1: home, and square?</source>
        <translation>%1: anliegend und rechtwinklig?</translation>
    </message>
    <message>
        <source>Nothing to prove: it comes out</source>
        <translation>Nichts nachzuweisen: es kommt heraus</translation>
    </message>
    <message>
        <source>Nothing is read of what comes out</source>
        <translation>Von dem, was herauskommt, wird nichts abgelesen</translation>
    </message>
    <message>
        <source>Reading at %1 o’clock: %2 is out of range</source>
        <translation>Ablesung bei %1 Uhr: %2 ist außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>Reading at %1 o’clock</source>
        <translation>Ablesung bei %1 Uhr</translation>
    </message>
    <message>
        <source>Seat not judged</source>
        <translation>Sitz nicht beurteilt</translation>
    </message>
    <message>
        <source>It was pressed as well, and is proven by readings of its own.</source>
        <translation>Er wurde auch gepresst und wird durch eigene Ablesungen nachgewiesen.</translation>
    </message>
    <message>
        <source>%1. Space: yes. N: no.</source>
        <translation>%1. Leertaste: ja. N: nein.</translation>
    </message>
    <message>
        <source>In its groove there: Space.</source>
        <translation>Dort in seiner Nut: Leertaste.</translation>
    </message>
    <message>
        <source>Ctrl+Enter goes on.</source>
        <translation>Strg+Enter geht weiter.</translation>
    </message>
    <message>
        <source>Order of work</source>
        <translation>Arbeitsfolge</translation>
    </message>
    <message>
        <source>How rusted it is</source>
        <translation>Wie verrostet es ist</translation>
    </message>
    <message>
        <source>Joints: %1</source>
        <translation>Verbindungen: %1</translation>
    </message>
    <message>
        <source>Show taking apart (D)</source>
        <translation>Zerlegen zeigen (D)</translation>
    </message>
    <message>
        <source>Show putting together (D)</source>
        <translation>Zusammenbau zeigen (D)</translation>
    </message>
    <message>
        <source>No order of work yet</source>
        <translation>Noch keine Arbeitsfolge</translation>
    </message>
    <message>
        <source>Describe the arrangement first: Ctrl+G.</source>
        <translation>Erst die Anordnung beschreiben: Strg+G.</translation>
    </message>
    <message>
        <source>Putting together: %1</source>
        <translation>Zusammenbau: %1</translation>
    </message>
    <message>
        <source>Taking apart: %1</source>
        <translation>Zerlegen: %1</translation>
    </message>
    <message>
        <source>Take back the tick</source>
        <translation>Haken zurücknehmen</translation>
    </message>
    <message>
        <source>Fitted</source>
        <translation>Eingebaut</translation>
    </message>
    <message>
        <source>Out</source>
        <translation>Heraus</translation>
    </message>
    <message>
        <source>Right way round</source>
        <translation>Richtig herum</translation>
    </message>
    <message>
        <source>It comes out</source>
        <translation>Es kommt heraus</translation>
    </message>
    <message>
        <source>It stays where it is</source>
        <translation>Es bleibt, wo es ist</translation>
    </message>
    <message>
        <source>Choose how it comes out</source>
        <translation>Wählen, wie es herauskommt</translation>
    </message>
    <message>
        <source>Ctrl+G opens the arrangement.</source>
        <translation>Strg+G öffnet die Anordnung.</translation>
    </message>
    <message>
        <source>All is back in. D shows taking apart.</source>
        <translation>Alles ist wieder drin. D zeigt das Zerlegen.</translation>
    </message>
    <message>
        <source>Space: next station.</source>
        <translation>Leertaste: nächste Station.</translation>
    </message>
    <message>
        <source>It stays where it is: its steps are not needed. S takes that back.</source>
        <translation>Es bleibt, wo es ist: Seine Schritte entfallen. S nimmt das zurück.</translation>
    </message>
    <message>
        <source>Done. Backspace takes the tick back.</source>
        <translation>Erledigt. Rücktaste nimmt den Haken zurück.</translation>
    </message>
    <message>
        <source>Check it, then Space or W.</source>
        <translation>Prüfen, dann Leertaste oder W.</translation>
    </message>
    <message>
        <source>Space ticks it and goes on.</source>
        <translation>Leertaste hakt ab und geht weiter.</translation>
    </message>
    <message>
        <source>Checked and right.</source>
        <translation>Geprüft und richtig.</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>in their file</source>
        <translation>in der anderen Datei</translation>
    </message>
    <message>
        <source>Import as copy</source>
        <translation>Als Kopie importieren</translation>
    </message>
    <message>
        <source>Do not import</source>
        <translation>Nicht importieren</translation>
    </message>
    <message>
        <source>%1. There is no job of this number here.</source>
        <translation>%1. Einen Auftrag dieser Nummer gibt es hier nicht.</translation>
    </message>
    <message>
        <source>%1. It is the same as the one here.</source>
        <translation>%1. Er ist derselbe wie der hiesige.</translation>
    </message>
    <message>
        <source>%1. It differs from the one here in %2 places. The one here stays as it is.</source>
        <translation>%1. Er weicht an %2 Stellen vom hiesigen ab. Der hiesige bleibt, wie er ist.</translation>
    </message>
    <message>
        <source>Not in this shop: </source>
        <translation>Nicht in dieser Werkstatt: </translation>
    </message>
    <message>
        <source>The rack, best first</source>
        <translation>Das Regal, das Beste zuerst</translation>
    </message>
    <message>
        <source>one scale, one datum · drag one to the bench</source>
        <translation>ein Maßstab, eine Bezugslinie · auf die Werkbank ziehen</translation>
    </message>
    <message>
        <source>Rolling elements</source>
        <translation>Wälzkörper</translation>
    </message>
    <message>
        <source>%1, rated %2</source>
        <translation>%1, zulässig %2</translation>
    </message>
    <message>
        <source>no load, path stays clear</source>
        <translation>keine Last, der Weg bleibt frei</translation>
    </message>
    <message>
        <source>%1 to go</source>
        <translation>noch %1</translation>
    </message>
    <message>
        <source>must stay clear</source>
        <translation>muss frei bleiben</translation>
    </message>
    <message>
        <source>Encoder side</source>
        <translation>Geberseite</translation>
    </message>
    <message>
        <source>is not pushed</source>
        <translation>wird nicht gedrückt</translation>
    </message>
    <message>
        <source>lower edge %1 down</source>
        <translation>Unterkante %1 tief</translation>
    </message>
    <message>
        <source>Nothing on the rack makes a setup for this step.</source>
        <translation>Aus dem Regal ergibt sich kein Aufbau für diesen Schritt.</translation>
    </message>
    <message>
        <source>comes out</source>
        <translation>kommt heraus</translation>
    </message>
    <message>
        <source>goes in</source>
        <translation>kommt hinein</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>Ways to do it, best first (W)</source>
        <translation>Wege, den besten zuerst (W)</translation>
    </message>
    <message>
        <source>Make a sleeve</source>
        <translation>Hülse fertigen</translation>
    </message>
    <message>
        <source>Stop: </source>
        <translation>Halt: </translation>
    </message>
    <message>
        <source>%1: by hand</source>
        <translation>%1: von Hand</translation>
    </message>
    <message>
        <source>%1: no setup</source>
        <translation>%1: kein Aufbau</translation>
    </message>
    <message>
        <source>%1: trying %2</source>
        <translation>%1: Versuch mit %2</translation>
    </message>
    <message>
        <source>Left and right change the sleeve, up and down the support. Half way.</source>
        <translation>Links und rechts wechseln die Hülse, auf und ab die Auflage. Halber Weg.</translation>
    </message>
    <message>
        <source>Try %1</source>
        <translation>%1 versuchen</translation>
    </message>
    <message>
        <source>Try support %1</source>
        <translation>Auflage %1 versuchen</translation>
    </message>
    <message>
        <source>Use the program&apos;s choice again</source>
        <translation>Wieder die Wahl des Programms</translation>
    </message>
    <message>
        <source>No tools yet</source>
        <translation>Noch keine Werkzeuge</translation>
    </message>
    <message>
        <source>T: make a sleeve.</source>
        <translation>T: Hülse fertigen.</translation>
    </message>
    <message>
        <source>Space takes it. W: another setup.</source>
        <translation>Leertaste nimmt ihn. W: anderer Aufbau.</translation>
    </message>
    <message>
        <source>Space takes it. Esc: the program&apos;s choice again.</source>
        <translation>Leertaste nimmt ihn. Esc: wieder die Wahl des Programms.</translation>
    </message>
    <message>
        <source>Space takes it. T: make a sleeve. W: another setup.</source>
        <translation>Leertaste nimmt ihn. T: Hülse fertigen. W: anderer Aufbau.</translation>
    </message>
    <message>
        <source>Put it on the rack</source>
        <translation>Ins Regal stellen</translation>
    </message>
    <message>
        <source>Write the drawing beside the job</source>
        <translation>Zeichnung neben den Auftrag schreiben</translation>
    </message>
    <message>
        <source>Relief depth</source>
        <translation>Ausdrehtiefe</translation>
    </message>
    <message>
        <source>nothing to turn it for</source>
        <translation>nichts, wofür es zu drehen wäre</translation>
    </message>
    <message>
        <source>Turn: %1</source>
        <translation>Fertigen: %1</translation>
    </message>
    <message>
        <source>yours</source>
        <translation>eigene</translation>
    </message>
    <message>
        <source>designed %1</source>
        <translation>entworfen %1</translation>
    </message>
    <message>
        <source>Nothing to make here.</source>
        <translation>Hier ist nichts zu fertigen.</translation>
    </message>
    <message>
        <source>. Wall needed %1</source>
        <translation>. Nötige Wand %1</translation>
    </message>
    <message>
        <source>. Round bar %1 × %2, carbon steel.</source>
        <translation>. Rundstahl %1 × %2, unlegiert.</translation>
    </message>
    <message>
        <source>Limits of the parts</source>
        <translation>Grenzen der Teile</translation>
    </message>
    <message>
        <source>, limit </source>
        <translation>, Grenze </translation>
    </message>
    <message>
        <source>Temperature limits</source>
        <translation>Temperaturgrenzen</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source> yours</source>
        <translation> eigene</translation>
    </message>
    <message>
        <source>default</source>
        <translation>Vorgabe</translation>
    </message>
    <message>
        <source>Outer part</source>
        <translation>Äußeres Teil</translation>
    </message>
    <message>
        <source> in</source>
        <translation> in</translation>
    </message>
    <message>
        <source>Choose a source</source>
        <translation>Wärmequelle wählen</translation>
    </message>
    <message>
        <source> to</source>
        <translation> auf</translation>
    </message>
    <message>
        <source>Default temperature</source>
        <translation>Vorgabetemperatur</translation>
    </message>
    <message>
        <source>Set a temperature</source>
        <translation>Temperatur festlegen</translation>
    </message>
    <message>
        <source>Change the transfer</source>
        <translation>Transport ändern</translation>
    </message>
    <message>
        <source>Transfer time and oven error</source>
        <translation>Transport, und was wäre wenn</translation>
    </message>
    <message>
        <source>Transfer</source>
        <translation>Transport</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>Oven error</source>
        <translation>Ofenfehler</translation>
    </message>
    <message>
        <source>Change ambient</source>
        <translation>Umgebung ändern</translation>
    </message>
    <message>
        <source>Press at</source>
        <translation>Pressen um</translation>
    </message>
    <message>
        <source>a time, 14:30</source>
        <translation>eine Uhrzeit, 14:30</translation>
    </message>
    <message>
        <source>Plan the press</source>
        <translation>Pressung planen</translation>
    </message>
    <message>
        <source>Thermometer</source>
        <translation>Thermometer</translation>
    </message>
    <message>
        <source>while it is carried</source>
        <translation>beim Tragen</translation>
    </message>
    <message>
        <source>%1 readings</source>
        <translation>%1 Ablesungen</translation>
    </message>
    <message>
        <source>or its line</source>
        <translation>oder sein Anschluss</translation>
    </message>
    <message>
        <source>It comes out at room temperature.</source>
        <translation>Es kommt bei Raumtemperatur heraus.</translation>
    </message>
    <message>
        <source>Finish Fit first.</source>
        <translation>Erst Passung abschließen.</translation>
    </message>
    <message>
        <source>It is pressed cold.</source>
        <translation>Es wird kalt gepresst.</translation>
    </message>
    <message>
        <source>How long it stays open cannot be worked out.</source>
        <translation>Wie lange es offen bleibt, lässt sich nicht berechnen.</translation>
    </message>
    <message>
        <source>No heating needed: there is nothing to expand.</source>
        <translation>Kein Erwärmen nötig: Es gibt nichts aufzuweiten.</translation>
    </message>
    <message>
        <source>Not worked out yet</source>
        <translation>Noch nicht berechnet</translation>
    </message>
    <message>
        <source>C: heat or chill it after all.</source>
        <translation>C: doch erwärmen oder kühlen.</translation>
    </message>
    <message>
        <source>Space, as soon as it sits on its shoulder.</source>
        <translation>Leertaste, sobald es auf der Schulter sitzt.</translation>
    </message>
    <message>
        <source>X: clear the clocks.</source>
        <translation>X: Uhren löschen.</translation>
    </message>
    <message>
        <source>C: press it cold. X: clear the clocks.</source>
        <translation>C: kalt pressen. X: Uhren löschen.</translation>
    </message>
    <message>
        <source>Start a clock</source>
        <translation>Uhr starten</translation>
    </message>
    <message>
        <source>Transfer it</source>
        <translation>Transportieren</translation>
    </message>
    <message>
        <source>It is in</source>
        <translation>Es ist drin</translation>
    </message>
    <message>
        <source>Press it cold, or not</source>
        <translation>Kalt pressen oder nicht</translation>
    </message>
    <message>
        <source>Clear the clocks</source>
        <translation>Uhren löschen</translation>
    </message>
    <message>
        <source>Leave the nut where it is</source>
        <translation>Mutter lassen, wo sie ist</translation>
    </message>
    <message>
        <source>Back off by {angle}°</source>
        <translation>Um {angle}° zurückdrehen</translation>
    </message>
    <message>
        <source>Tighten by {angle}°</source>
        <translation>Um {angle}° anziehen</translation>
    </message>
    <message>
        <source>End play wanted: {range}</source>
        <translation>Gewünschtes Axialspiel: {range}</translation>
    </message>
    <message>
        <source>push and pull, and read the indicator</source>
        <translation>drücken und ziehen, dabei die Messuhr ablesen</translation>
    </message>
    <message>
        <source>End play {value}</source>
        <translation>Axialspiel {value}</translation>
    </message>
    <message>
        <source>inside the band</source>
        <translation>innerhalb der Spanne</translation>
    </message>
    <message>
        <source>Too much end play</source>
        <translation>Zu viel Axialspiel</translation>
    </message>
    <message>
        <source>{value}, {limit} at most</source>
        <translation>{value}, höchstens {limit}</translation>
    </message>
    <message>
        <source>Preloaded</source>
        <translation>Vorgespannt</translation>
    </message>
    <message>
        <source>Too little end play</source>
        <translation>Zu wenig Axialspiel</translation>
    </message>
    <message>
        <source>{value}, {limit} at least</source>
        <translation>{value}, mindestens {limit}</translation>
    </message>
    <message>
        <source>{turn}: end play {value}</source>
        <translation>{turn}: Axialspiel {value}</translation>
    </message>
    <message>
        <source>pin it there, then read the indicator again</source>
        <translation>dort versplinten, dann die Messuhr noch einmal ablesen</translation>
    </message>
    <message>
        <source>No slot gives the end play</source>
        <translation>Kein Schlitz ergibt das Axialspiel</translation>
    </message>
    <message>
        <source>{value} from one slot to the next</source>
        <translation>{value} von einem Schlitz zum nächsten</translation>
    </message>
    <message>
        <source>Turn or grind {size} off the washer face, at this slot</source>
        <translation>{size} von der Scheibe abdrehen oder abschleifen, bei diesem Schlitz</translation>
    </message>
    <message>
        <source>Turn or grind {size} off the washer face, then back off by {angle}°</source>
        <translation>{size} von der Scheibe abdrehen oder abschleifen, dann um {angle}° zurückdrehen</translation>
    </message>
    <message>
        <source>Turn or grind {size} off the washer face, then tighten by {angle}°</source>
        <translation>{size} von der Scheibe abdrehen oder abschleifen, dann um {angle}° anziehen</translation>
    </message>
    <message>
        <source>a thinner washer adds end play: that brings it to the middle of the band</source>
        <translation>eine dünnere Scheibe vergrößert das Axialspiel: so kommt es in die Mitte der Spanne</translation>
    </message>
    <message>
        <source>Add {size} under the nut, at this slot</source>
        <translation>{size} unter die Mutter legen, bei diesem Schlitz</translation>
    </message>
    <message>
        <source>Add {size} under the nut, then back off by {angle}°</source>
        <translation>{size} unter die Mutter legen, dann um {angle}° zurückdrehen</translation>
    </message>
    <message>
        <source>Add {size} under the nut, then tighten by {angle}°</source>
        <translation>{size} unter die Mutter legen, dann um {angle}° anziehen</translation>
    </message>
    <message>
        <source>a thicker washer reduces end play: that brings it to the middle of the band</source>
        <translation>eine dickere Scheibe verringert das Axialspiel: so kommt es in die Mitte der Spanne</translation>
    </message>
    <message>
        <source>From stock: {shims} = {size}</source>
        <translation>Aus dem Vorrat: {shims} = {size}</translation>
    </message>
    <message>
        <source>end play {value}</source>
        <translation>Axialspiel {value}</translation>
    </message>
    <message>
        <source>No shims in stock come near</source>
        <translation>Keine vorrätige Passscheibe kommt in die Nähe</translation>
    </message>
    <message>
        <source>a thicker washer, or the other way</source>
        <translation>eine dickere Scheibe, oder der andere Weg</translation>
    </message>
    <message>
        <source>Tighten by {angle}° to the next slot</source>
        <translation>Um {angle}° bis zum nächsten Schlitz anziehen</translation>
    </message>
    <message>
        <source>The slot lines up with its hole</source>
        <translation>Der Schlitz steht auf seinem Loch</translation>
    </message>
    <message>
        <source>under clamp load a castle nut is only ever tightened, never backed off</source>
        <translation>unter Klemmkraft wird eine Kronenmutter nur angezogen, nie zurückgedreht</translation>
    </message>
    <message>
        <source>Turn it while tightening</source>
        <translation>Beim Anziehen drehen</translation>
    </message>
    <message>
        <source>the rollers must seat against their rib first</source>
        <translation>die Rollen müssen sich erst an ihren Bord setzen</translation>
    </message>
    <message>
        <source>Clamping reduces end play by {value}</source>
        <translation>Das Klemmen verringert das Axialspiel um {value}</translation>
    </message>
    <message>
        <source>{force} in spacer and rings</source>
        <translation>{force} in Distanzhülse und Ringen</translation>
    </message>
    <message>
        <source>Spacer to {size}</source>
        <translation>Distanzhülse auf {size}</translation>
    </message>
    <message>
        <source>{value} less at operating temperature</source>
        <translation>{value} weniger bei Betriebstemperatur</translation>
    </message>
    <message>
        <source>{value} more at operating temperature</source>
        <translation>{value} mehr bei Betriebstemperatur</translation>
    </message>
    <message>
        <source>between bench and operating temperature</source>
        <translation>zwischen Werkbank und Betriebstemperatur</translation>
    </message>
    <message>
        <source>{value} is left then</source>
        <translation>{value} bleiben dann</translation>
    </message>
    <message>
        <source>Rolling torque {value}</source>
        <translation>Reibmoment {value}</translation>
    </message>
    <message>
        <source>{limit} at most</source>
        <translation>höchstens {limit}</translation>
    </message>
    <message>
        <source>{limit} at least</source>
        <translation>mindestens {limit}</translation>
    </message>
    <message>
        <source>pull on the string times its radius</source>
        <translation>Zug an der Schnur mal ihr Radius</translation>
    </message>
    <message>
        <source>Retaining ring probed at {count} of {all} places</source>
        <translation>Sicherungsring an {count} von {all} Stellen geprüft</translation>
    </message>
    <message>
        <source>probe all round: it must sit in its groove everywhere</source>
        <translation>ringsum prüfen: Er muss überall in seiner Nut sitzen</translation>
    </message>
    <message>
        <source>The retaining ring alone holds the {part}</source>
        <translation>Der Sicherungsring allein hält: {part}</translation>
    </message>
    <message>
        <source>probed in its groove all round before anything is lifted or loaded</source>
        <translation>ringsum in seiner Nut geprüft, bevor etwas gehoben oder belastet wird</translation>
    </message>
    <message>
        <source>{check}?</source>
        <translation>{check}?</translation>
    </message>
    <message>
        <source>not checked yet</source>
        <translation>noch nicht geprüft</translation>
    </message>
    <message>
        <source>{check}: no</source>
        <translation>{check}: nein</translation>
    </message>
    <message>
        <source>correct it, or sign it off as an exception with the reason</source>
        <translation>beheben, oder mit Begründung als Ausnahme unterschreiben</translation>
    </message>
    <message>
        <source>High drag torque</source>
        <translation>Hohes Reibmoment</translation>
    </message>
    <message>
        <source>{value}; a bearing of its size takes up to {limit}</source>
        <translation>{value}; ein Lager dieser Größe nimmt bis {limit}</translation>
    </message>
    <message>
        <source>{ring}: not home and square</source>
        <translation>{ring}: nicht anliegend und rechtwinklig</translation>
    </message>
    <message>
        <source>{ring}: not proven home</source>
        <translation>{ring}: Anliegen nicht bewiesen</translation>
    </message>
    <message>
        <source>its own readings say why: select it among the other pressed parts</source>
        <translation>seine eigenen Ablesungen sagen, warum: unter den anderen gepressten Teilen wählen</translation>
    </message>
    <message>
        <source>{ring}: {count} of {all} readings</source>
        <translation>{ring}: {count} von {all} Ablesungen</translation>
    </message>
    <message>
        <source>it was pressed as well: select it among the other pressed parts</source>
        <translation>es wurde auch gepresst: unter den anderen gepressten Teilen wählen</translation>
    </message>
    <message>
        <source>Signed off as exception</source>
        <translation>Als Ausnahme unterschrieben</translation>
    </message>
    <message>
        <source>{fastener}: not tightened</source>
        <translation>{fastener}: nicht angezogen</translation>
    </message>
    <message>
        <source>{torque} wanted</source>
        <translation>gefordert {torque}</translation>
    </message>
    <message>
        <source>by the machine maker&apos;s value</source>
        <translation>nach dem Wert des Maschinenherstellers</translation>
    </message>
    <message>
        <source>{fastener}: torque read {torque}</source>
        <translation>{fastener}: abgelesenes Moment {torque}</translation>
    </message>
    <message>
        <source>{torque} wanted, within 5 %</source>
        <translation>gefordert {torque}, auf 5 % genau</translation>
    </message>
    <message>
        <source>{fastener}: new ones</source>
        <translation>{fastener}: neue verwenden</translation>
    </message>
    <message>
        <source>they are used once</source>
        <translation>sie werden einmal verwendet</translation>
    </message>
    <message>
        <source>{fastener}: not locked yet</source>
        <translation>{fastener}: noch nicht gesichert</translation>
    </message>
    <message>
        <source>pin, stake, tab or paste as it was made</source>
        <translation>Splint, Verstemmen, Blech oder Sicherungslack, wie es war</translation>
    </message>
    <message>
        <source>Run-in too hot</source>
        <translation>Einlaufen zu heiß</translation>
    </message>
    <message>
        <source>{rise} over ambient, {limit} permitted: stop, let it cool, check end play and grease</source>
        <translation>{rise} über Umgebung, zulässig {limit}: anhalten, abkühlen lassen, Axialspiel und Fett prüfen</translation>
    </message>
    <message>
        <source>Run-in: {rise} over ambient</source>
        <translation>Einlaufen: {rise} über Umgebung</translation>
    </message>
    <message>
        <source>still rising by {rise} an hour</source>
        <translation>steigt noch um {rise} je Stunde</translation>
    </message>
    <message>
        <source>read again in a quarter of an hour</source>
        <translation>in einer Viertelstunde wieder ablesen</translation>
    </message>
    <message>
        <source>Run-in: settled {rise} over ambient</source>
        <translation>Einlaufen: eingestellt auf {rise} über Umgebung</translation>
    </message>
    <message>
        <source>it runs as it should</source>
        <translation>es läuft, wie es soll</translation>
    </message>
    <message>
        <source>Not released yet</source>
        <translation>Noch nicht freigegeben</translation>
    </message>
    <message>
        <source>by the person authorised for it, where one is needed</source>
        <translation>von der dafür befugten Person, wo eine nötig ist</translation>
    </message>
    <message>
        <source>Everything clean, spacer in, nut on by hand. Turn the hub while tightening.</source>
        <translation>Alles sauber, Distanzhülse drin, Mutter von Hand aufgedreht. Beim Anziehen die Nabe drehen.</translation>
    </message>
    <message>
        <source>Push and pull, and read the indicator at hand torque. Write it down.</source>
        <translation>Drücken und ziehen, die Messuhr bei Handmoment ablesen. Aufschreiben.</translation>
    </message>
    <message>
        <source>Tighten to full torque in steps, always turning. Stop if it drags: the spacer is too short.</source>
        <translation>In Stufen auf volles Moment anziehen, dabei immer drehen. Aufhören, wenn es schwer geht: Die Distanzhülse ist zu kurz.</translation>
    </message>
    <message>
        <source>Full torque: read end play again, wanted {range}.</source>
        <translation>Volles Moment: Axialspiel wieder ablesen, gewünscht {range}.</translation>
    </message>
    <message>
        <source>Out of the band: remove the spacer, grind or shim it, both ends true, and start again.</source>
        <translation>Außerhalb der Spanne: Distanzhülse ausbauen, schleifen oder unterlegen, beide Enden plan, und von vorn.</translation>
    </message>
    <message>
        <source>Indicator, set and read</source>
        <translation>Messuhr, stellen und ablesen</translation>
    </message>
    <message>
        <source>Tight, back off, finger tight, next slot</source>
        <translation>Fest, zurück, fingerfest, nächster Schlitz</translation>
    </message>
    <message>
        <source>Tight, back off part of a turn</source>
        <translation>Fest, um einen Teil der Umdrehung zurück</translation>
    </message>
    <message>
        <source>Washer just moves under a screwdriver</source>
        <translation>Scheibe lässt sich unter dem Schraubendreher eben bewegen</translation>
    </message>
    <message>
        <source>Snug, loosen, snug</source>
        <translation>Anlegen, lösen, anlegen</translation>
    </message>
    <message>
        <source>Tighten while turning both ways, five turns or more, to seat the rollers.</source>
        <translation>Beim Drehen in beide Richtungen anziehen, mindestens fünf Umdrehungen, damit sich die Rollen setzen.</translation>
    </message>
    <message>
        <source>Push and pull, and read the indicator: wanted {range}.</source>
        <translation>Drücken und ziehen, dabei die Messuhr ablesen: gewünscht {range}.</translation>
    </message>
    <message>
        <source>Lock it, and read once more.</source>
        <translation>Sichern und noch einmal ablesen.</translation>
    </message>
    <message>
        <source>Back off until it is free.</source>
        <translation>Zurückdrehen, bis sie frei ist.</translation>
    </message>
    <message>
        <source>Set the nut by the indicator.</source>
        <translation>Mutter nach der Messuhr einstellen.</translation>
    </message>
    <message>
        <source>Back off a quarter of a turn.</source>
        <translation>Um eine Viertelumdrehung zurückdrehen.</translation>
    </message>
    <message>
        <source>Finger tight.</source>
        <translation>Fingerfest.</translation>
    </message>
    <message>
        <source>Back off to the next slot, never tighten to it.</source>
        <translation>Zurück bis zum nächsten Schlitz, nie auf ihn anziehen.</translation>
    </message>
    <message>
        <source>Back off by the part of a turn that is set here.</source>
        <translation>Um den hier eingestellten Teil einer Umdrehung zurückdrehen.</translation>
    </message>
    <message>
        <source>Tighten until the washer just moves under a screwdriver.</source>
        <translation>Anziehen, bis sich die Scheibe unter dem Schraubendreher eben noch bewegt.</translation>
    </message>
    <message>
        <source>Loosen.</source>
        <translation>Lösen.</translation>
    </message>
    <message>
        <source>Snug again, by hand and a short wrench.</source>
        <translation>Wieder anlegen, von Hand mit kurzem Schlüssel.</translation>
    </message>
    <message>
        <source>End play is not measured yet</source>
        <translation>Axialspiel ist noch nicht gemessen</translation>
    </message>
    <message>
        <source>{first} against {second}.</source>
        <translation>{first} gegen {second}.</translation>
    </message>
    <message>
        <source>In the band</source>
        <translation>In der Spanne</translation>
    </message>
    <message>
        <source>{value} of end play.</source>
        <translation>{value} Axialspiel.</translation>
    </message>
    <message>
        <source>Another slot gives the end play</source>
        <translation>Ein anderer Schlitz ergibt das Axialspiel</translation>
    </message>
    <message>
        <source>Turn or grind the washer face, or add under the nut.</source>
        <translation>Scheibe abdrehen oder abschleifen, oder unter der Mutter unterlegen.</translation>
    </message>
    <message>
        <source>Too tight</source>
        <translation>Zu stramm</translation>
    </message>
    <message>
        <source>no pair to set</source>
        <translation>kein Paar</translation>
    </message>
    <message>
        <source>end play not measured</source>
        <translation>Axialspiel nicht gemessen</translation>
    </message>
    <message>
        <source>Groove shows all round</source>
        <translation>Nut ringsum sichtbar</translation>
    </message>
    <message>
        <source>evenly above the ring, no shadow on one side</source>
        <translation>gleichmäßig über dem Ring, kein Schatten auf einer Seite</translation>
    </message>
    <message>
        <source>Sharp edge to the load</source>
        <translation>Scharfe Kante zur Last</translation>
    </message>
    <message>
        <source>bevel away from the bearing</source>
        <translation>Fase vom Lager weg</translation>
    </message>
    <message>
        <source>Gap of the ring down</source>
        <translation>Ringöffnung nach unten</translation>
    </message>
    <message>
        <source>so that water drains</source>
        <translation>damit Wasser abläuft</translation>
    </message>
    <message>
        <source>Inner ring in its place</source>
        <translation>Innenring an seinem Platz</translation>
    </message>
    <message>
        <source>not pushed out while pressing</source>
        <translation>beim Pressen nicht herausgedrückt</translation>
    </message>
    <message>
        <source>Turns smoothly by hand</source>
        <translation>Dreht von Hand ruhig</translation>
    </message>
    <message>
        <source>no click, no rough place</source>
        <translation>kein Knacken, keine raue Stelle</translation>
    </message>
    <message>
        <source>Seal flush and square</source>
        <translation>Dichtung bündig und gerade</translation>
    </message>
    <message>
        <source>to its depth, the same all round</source>
        <translation>auf ihrer Tiefe, ringsum gleich</translation>
    </message>
    <message>
        <source>single</source>
        <translation>einzeln</translation>
    </message>
    <message>
        <source>star</source>
        <translation>über Kreuz</translation>
    </message>
    <message>
        <source>round</source>
        <translation>reihum</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>Splint</translation>
    </message>
    <message>
        <source>stake</source>
        <translation>verstemmt</translation>
    </message>
    <message>
        <source>tab</source>
        <translation>Blech</translation>
    </message>
    <message>
        <source>paste</source>
        <translation>Lack</translation>
    </message>
    <message>
        <source>Cavity, a third to a half</source>
        <translation>Hohlraum, ein Drittel bis zur Hälfte</translation>
    </message>
    <message>
        <source>Cavity, a third</source>
        <translation>Hohlraum, ein Drittel</translation>
    </message>
    <message>
        <source>Cavity, a half</source>
        <translation>Hohlraum, zur Hälfte</translation>
    </message>
    <message>
        <source>{amount}, {count} strokes</source>
        <translation>{amount}, {count} Hübe</translation>
    </message>
    <message>
        <source>{grease}, bearings full</source>
        <translation>{grease}, Lager voll</translation>
    </message>
    <message>
        <source>Bearings, packed full</source>
        <translation>Lager, voll gefüllt</translation>
    </message>
    <message>
        <source>under {number}</source>
        <translation>unter {number}</translation>
    </message>
    <message>
        <source>{count} s</source>
        <translation>{count} s</translation>
    </message>
    <message>
        <source>{count} min</source>
        <translation>{count} min</translation>
    </message>
    <message>
        <source>{hours} h</source>
        <translation>{hours} h</translation>
    </message>
    <message>
        <source>{hours} h {minutes} min</source>
        <translation>{hours} h {minutes} min</translation>
    </message>
    <message>
        <source>No heating or cooling</source>
        <translation>Kein Erwärmen oder Kühlen</translation>
    </message>
    <message>
        <source>Heat the {outer} to {hot}</source>
        <translation>{outer} auf {hot} erwärmen</translation>
    </message>
    <message>
        <source>Chill the {inner} to {cold}</source>
        <translation>{inner} auf {cold} kühlen</translation>
    </message>
    <message>
        <source>Heat the {outer} to {hot}, chill the {inner} to {cold}</source>
        <translation>{outer} auf {hot} erwärmen, {inner} auf {cold} kühlen</translation>
    </message>
    <message>
        <source>no heating needed</source>
        <translation>kein Erwärmen nötig</translation>
    </message>
    <message>
        <source>{heating}: only {size} clearance for fitting</source>
        <translation>{heating}: nur {size} Fügespiel</translation>
    </message>
    <message>
        <source>{heating}: {size} still to press</source>
        <translation>{heating}: noch {size} zu pressen</translation>
    </message>
    <message>
        <source>seals and their grease</source>
        <translation>Dichtungen und ihr Fett</translation>
    </message>
    <message>
        <source>encoder</source>
        <translation>Geber</translation>
    </message>
    <message>
        <source>plastic cage</source>
        <translation>Kunststoffkäfig</translation>
    </message>
    <message>
        <source>hold of the repair sleeve</source>
        <translation>Halt der Reparaturhülse</translation>
    </message>
    <message>
        <source>{thing}, in already</source>
        <translation>{thing}, schon eingebaut</translation>
    </message>
    <message>
        <source>{thing} of {part}, in already</source>
        <translation>{thing} ({part}), schon eingebaut</translation>
    </message>
    <message>
        <source>stays at room temperature</source>
        <translation>bleibt bei Raumtemperatur</translation>
    </message>
    <message>
        <source>{source}: does not get it there</source>
        <translation>{source}: erreicht es nicht</translation>
    </message>
    <message>
        <source>{source} at {temp}, {time}</source>
        <translation>{source} bei {temp}, {time}</translation>
    </message>
    <message>
        <source>It grips at once</source>
        <translation>Es klemmt sofort</translation>
    </message>
    <message>
        <source>it does not drop in: press it</source>
        <translation>es fällt nicht hinein: pressen</translation>
    </message>
    <message>
        <source>Hold it on the shoulder {time}</source>
        <translation>{time} auf der Schulter halten</translation>
    </message>
    <message>
        <source>until the gap has closed: before that it can creep back</source>
        <translation>bis sich der Spalt geschlossen hat: Vorher kann es zurückkriechen</translation>
    </message>
    <message>
        <source>It may grip after {time}, or not until it is cool</source>
        <translation>Es kann nach {time} klemmen, oder erst, wenn es kalt ist</translation>
    </message>
    <message>
        <source>with the loosest parts the gap stays: hold it until then</source>
        <translation>bei den losesten Teilen bleibt der Spalt: so lange halten</translation>
    </message>
    <message>
        <source>It does not grip before it is cool</source>
        <translation>Es klemmt erst, wenn es kalt ist</translation>
    </message>
    <message>
        <source>hold it on the shoulder, or it creeps back</source>
        <translation>auf der Schulter halten, sonst kriecht es zurück</translation>
    </message>
    <message>
        <source>Home within {time}</source>
        <translation>Innerhalb von {time} am Anschlag</translation>
    </message>
    <message>
        <source>after that the tightest parts grip</source>
        <translation>danach klemmen die festesten Teile</translation>
    </message>
    <message>
        <source>Gloves for hot parts. Do not judge temperature by touch: measure in three places.</source>
        <translation>Handschuhe für heiße Teile. Temperatur nicht fühlen: an drei Stellen messen.</translation>
    </message>
    <message>
        <source>No torch near grease, solvent, pressurised or sealed cavities; not on galvanised or magnesium parts.</source>
        <translation>Keine Flamme bei Fett, Lösemittel, unter Druck stehenden oder geschlossenen Hohlräumen; nicht an verzinkten oder Magnesiumteilen.</translation>
    </message>
    <message>
        <source>Demagnetise afterwards, or chips will cling to it.</source>
        <translation>Danach entmagnetisieren, sonst haften Späne daran.</translation>
    </message>
    <message>
        <source>Ventilate, oxygen alarm on, vented dewar only; cold burns.</source>
        <translation>Lüften, Sauerstoffwarner an, nur offenes Dewargefäß; Kälteverbrennungen.</translation>
    </message>
    <message>
        <source>Dry gloves. Wipe the dew off a chilled part and oil it.</source>
        <translation>Trockene Handschuhe. Tau vom gekühlten Teil abwischen und ölen.</translation>
    </message>
    <message>
        <source>Oven</source>
        <translation>Ofen</translation>
    </message>
    <message>
        <source>Freezer</source>
        <translation>Gefrierschrank</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Halten</translation>
    </message>
    <message>
        <source>Cooling</source>
        <translation>Abkühlen</translation>
    </message>
    <message>
        <source>at room temperature</source>
        <translation>bei Raumtemperatur</translation>
    </message>
    <message>
        <source>waits for its sizes</source>
        <translation>wartet auf seine Maße</translation>
    </message>
    <message>
        <source>pressed cold</source>
        <translation>kalt gepresst</translation>
    </message>
    <message>
        <source>{temp} is too hot for {what}</source>
        <translation>{temp} ist zu heiß für {what}</translation>
    </message>
    <message>
        <source>no more than {limit}</source>
        <translation>nicht über {limit}</translation>
    </message>
    <message>
        <source>{temp} is too cold for {what}</source>
        <translation>{temp} ist zu kalt für {what}</translation>
    </message>
    <message>
        <source>no less than {limit}</source>
        <translation>nicht unter {limit}</translation>
    </message>
    <message>
        <source>Heat soak after fitting: {what} would get too hot</source>
        <translation>Wärmeausgleich nach dem Fügen: {what} würde zu heiß</translation>
    </message>
    <message>
        <source>the hot part shares its heat: no more than {limit}</source>
        <translation>das heiße Teil gibt Wärme ab: nicht über {limit}</translation>
    </message>
    <message>
        <source>Goes in cold</source>
        <translation>Geht kalt hinein</translation>
    </message>
    <message>
        <source>most pairs slide in; the tightest has {size} interference: press it</source>
        <translation>die meisten Paare gleiten; das festeste hat {size} Übermaß: pressen</translation>
    </message>
    <message>
        <source>Method not allowed: {source}, {part}</source>
        <translation>Verfahren nicht zulässig: {source}, {part}</translation>
    </message>
    <message>
        <source>it would harm the part or cannot hold its temperature; choose another</source>
        <translation>es würde dem Teil schaden oder hält seine Temperatur nicht; ein anderes wählen</translation>
    </message>
    <message>
        <source>The {what} would be set to {temp}</source>
        <translation>{what} wäre auf {temp} eingestellt</translation>
    </message>
    <message>
        <source>where it touches, the part gets as hot: {limit} at most; oven, or a lower temperature</source>
        <translation>wo es anliegt, wird das Teil ebenso heiß: höchstens {limit}; Ofen, oder niedrigere Temperatur</translation>
    </message>
    <message>
        <source>The {what} does not bring it to {temp}</source>
        <translation>{what} bringt es nicht auf {temp}</translation>
    </message>
    <message>
        <source>it may go to {limit}</source>
        <translation>es darf bis {limit}</translation>
    </message>
    <message>
        <source>{size} clearance for fitting with the tightest parts</source>
        <translation>{size} Fügespiel bei den festesten Teilen</translation>
    </message>
    <message>
        <source>{wanted} wanted; what the transfer takes is in it</source>
        <translation>gewünscht {wanted}; was der Transport nimmt, ist darin</translation>
    </message>
    <message>
        <source>Only {size} clearance for fitting with the tightest parts</source>
        <translation>Nur {size} Fügespiel bei den festesten Teilen</translation>
    </message>
    <message>
        <source>{wanted} wanted: start square, and be ready to press</source>
        <translation>gewünscht {wanted}: gerade ansetzen und zum Pressen bereit sein</translation>
    </message>
    <message>
        <source>No clearance: still {size} interference with the tightest parts</source>
        <translation>Kein Fügespiel: noch {size} Übermaß bei den festesten Teilen</translation>
    </message>
    <message>
        <source>these temperatures do not expand the seat enough: press it, hot as it is</source>
        <translation>diese Temperaturen weiten den Sitz nicht genug: heiß pressen, wie es ist</translation>
    </message>
    <message>
        <source>Time available: only {time}</source>
        <translation>Verfügbare Zeit: nur {time}</translation>
    </message>
    <message>
        <source>the transfer takes {time}: bring the press nearer, or heat it more</source>
        <translation>der Transport braucht {time}: Presse näher heran, oder stärker erwärmen</translation>
    </message>
    <message>
        <source>Old bearing</source>
        <translation>Altes Lager</translation>
    </message>
    <message>
        <source>{value}, limit {limit}</source>
        <translation>{value}, Grenze {limit}</translation>
    </message>
    <message>
        <source>Spacer is {size} long</source>
        <translation>Distanzhülse ist {size} lang</translation>
    </message>
    <message>
        <source>drawn {size}</source>
        <translation>gezeichnet {size}</translation>
    </message>
    <message>
        <source>Spacer is too short</source>
        <translation>Distanzhülse ist zu kurz</translation>
    </message>
    <message>
        <source>{size} of {limit}: the new bearings would be clamped without end play</source>
        <translation>{size} von {limit}: Die neuen Lager würden ohne Axialspiel geklemmt</translation>
    </message>
    <message>
        <source>Ends are parallel</source>
        <translation>Enden sind parallel</translation>
    </message>
    <message>
        <source>Ends are not parallel</source>
        <translation>Enden sind nicht parallel</translation>
    </message>
    <message>
        <source>Lower end is square</source>
        <translation>Unteres Ende ist rechtwinklig</translation>
    </message>
    <message>
        <source>Lower end is out of square</source>
        <translation>Unteres Ende ist nicht rechtwinklig</translation>
    </message>
    <message>
        <source>Ends are flared by {size}</source>
        <translation>Enden sind um {size} aufgeweitet</translation>
    </message>
    <message>
        <source>pinched or hammered: it bends the rings when clamped</source>
        <translation>gequetscht oder gehämmert: beim Klemmen verbiegt sie die Ringe</translation>
    </message>
    <message>
        <source>its load stands still: it may slide</source>
        <translation>seine Last steht still: Er darf gleiten</translation>
    </message>
    <message>
        <source>it must be tight: the seat is worn</source>
        <translation>er muss fest sein: Der Sitz ist verschlissen</translation>
    </message>
    <message>
        <source>a cup that is loose by hand scraps the hub</source>
        <translation>ein Außenring, der von Hand lose ist, macht die Nabe zu Schrott</translation>
    </message>
    <message>
        <source>Readings of another size</source>
        <translation>Ablesungen eines anderen Maßes</translation>
    </message>
    <message>
        <source>their mean is {size}, the seat is {limit} now: measure again</source>
        <translation>ihr Mittel ist {size}, der Sitz hat jetzt {limit}: neu messen</translation>
    </message>
    <message>
        <source>Size is within its class</source>
        <translation>Maß liegt in seiner Klasse</translation>
    </message>
    <message>
        <source>{size}, limit {limit}</source>
        <translation>{size}, Grenze {limit}</translation>
    </message>
    <message>
        <source>Size is at its limit</source>
        <translation>Maß liegt an der Grenze</translation>
    </message>
    <message>
        <source>{size} against {limit}: within measurement uncertainty</source>
        <translation>{size} gegen {limit}: innerhalb der Messunsicherheit</translation>
    </message>
    <message>
        <source>Journal undersize (worn)</source>
        <translation>Zapfen zu klein (verschlissen)</translation>
    </message>
    <message>
        <source>Bore oversize (worn)</source>
        <translation>Bohrung zu groß (verschlissen)</translation>
    </message>
    <message>
        <source>{size} against {limit}: cleaning does not bring it back</source>
        <translation>{size} gegen {limit}: Reinigen bringt es nicht zurück</translation>
    </message>
    <message>
        <source>Journal oversize</source>
        <translation>Zapfen zu groß</translation>
    </message>
    <message>
        <source>Bore undersize</source>
        <translation>Bohrung zu klein</translation>
    </message>
    <message>
        <source>{size} against {limit}: work it to size, or check for dirt and burrs</source>
        <translation>{size} gegen {limit}: auf Maß bearbeiten, oder auf Schmutz und Grate prüfen</translation>
    </message>
    <message>
        <source>Out of round</source>
        <translation>Unrund</translation>
    </message>
    <message>
        <source>Tapers</source>
        <translation>Konisch</translation>
    </message>
    <message>
        <source>Bell-mouthed</source>
        <translation>Am Mund aufgeweitet</translation>
    </message>
    <message>
        <source>Deep rust pits</source>
        <translation>Tiefe Rostnarben</translation>
    </message>
    <message>
        <source>the ring would stand on islands</source>
        <translation>der Ring stünde auf Inseln</translation>
    </message>
    <message>
        <source>Rust, not deep</source>
        <translation>Rost, nicht tief</translation>
    </message>
    <message>
        <source>polish the high spots off, oil it, measure again</source>
        <translation>Erhebungen abpolieren, ölen, neu messen</translation>
    </message>
    <message>
        <source>take the raised edges off with a stone; nothing below the surface matters</source>
        <translation>aufgeworfene Kanten mit dem Ölstein abziehen; was tiefer liegt, schadet nicht</translation>
    </message>
    <message>
        <source>Polished by creep</source>
        <translation>Blank vom Wandern</translation>
    </message>
    <message>
        <source>a ring turned here: check size and class before it turns again</source>
        <translation>hier hat sich ein Ring gedreht: Maß und Klasse prüfen, bevor er sich wieder dreht</translation>
    </message>
    <message>
        <source>Rough</source>
        <translation>Rau</translation>
    </message>
    <message>
        <source>Rz {value} µm, up to {limit} µm: the peaks flatten and the grip is lost</source>
        <translation>Rz {value} µm, bis {limit} µm: Die Spitzen glätten sich, der Halt geht verloren</translation>
    </message>
    <message>
        <source>Shoulder runs out</source>
        <translation>Schulter läuft nicht plan</translation>
    </message>
    <message>
        <source>{value}: the ring would stand cocked</source>
        <translation>{value}: der Ring stünde schief</translation>
    </message>
    <message>
        <source>Ring groove is dirty</source>
        <translation>Ringnut ist schmutzig</translation>
    </message>
    <message>
        <source>rust or chips keep the ring out of it</source>
        <translation>Rost oder Späne halten den Ring heraus</translation>
    </message>
    <message>
        <source>Ring groove is worn</source>
        <translation>Ringnut ist verschlissen</translation>
    </message>
    <message>
        <source>its edge carries the thrust: a rounded one lets the ring jump out</source>
        <translation>ihre Kante trägt den Schub: eine gerundete lässt den Ring herausspringen</translation>
    </message>
    <message>
        <source>Notches are burred</source>
        <translation>Kerben haben Grate</translation>
    </message>
    <message>
        <source>a drift struck here: stone the burrs off the shoulder</source>
        <translation>hier schlug ein Durchtreiber: Grate von der Schulter abziehen</translation>
    </message>
    <message>
        <source>Back up the ring</source>
        <translation>Ring unterstützen</translation>
    </message>
    <message>
        <source>the old bearing was dented at element pitch: force went through the rolling elements last time</source>
        <translation>das alte Lager hatte Eindrücke im Wälzkörperabstand: beim letzten Mal ging Kraft durch die Wälzkörper</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>clean up</source>
        <translation>reinigen</translation>
    </message>
    <message>
        <source>sleeve</source>
        <translation>Hülse</translation>
    </message>
    <message>
        <source>replace</source>
        <translation>ersetzen</translation>
    </message>
    <message>
        <source>Measure at three depths and two directions, better four, and check the surface.</source>
        <translation>In drei Tiefen und zwei Richtungen messen, besser vier, und die Oberfläche prüfen.</translation>
    </message>
    <message>
        <source>It is good as it is.</source>
        <translation>Es ist gut, wie es ist.</translation>
    </message>
    <message>
        <source>Clean or work it, then measure again.</source>
        <translation>Reinigen oder bearbeiten, dann neu messen.</translation>
    </message>
    <message>
        <source>Bore it out, or turn it down, and fit a sleeve: give its size at Fit.</source>
        <translation>Aufbohren oder abdrehen und eine Hülse einsetzen: ihr Maß bei Passung angeben.</translation>
    </message>
    <message>
        <source>This part is scrap here: replace it.</source>
        <translation>Dieses Teil ist hier Schrott: ersetzen.</translation>
    </message>
    <message>
        <source>brown or black holes in tracks and rings</source>
        <translation>braune oder schwarze Löcher in Laufbahnen und Ringen</translation>
    </message>
    <message>
        <source>Dents at pitch</source>
        <translation>Eindrücke im Abstand</translation>
    </message>
    <message>
        <source>marks as far apart as the rolling elements are</source>
        <translation>Marken im Abstand der Wälzkörper</translation>
    </message>
    <message>
        <source>Blue or straw colour</source>
        <translation>Blau oder strohgelb angelaufen</translation>
    </message>
    <message>
        <source>replace it even if it feels good</source>
        <translation>ersetzen, auch wenn es sich gut anfühlt</translation>
    </message>
    <message>
        <source>Track on one side</source>
        <translation>Laufspur einseitig</translation>
    </message>
    <message>
        <source>the track wanders across the raceway</source>
        <translation>die Spur wandert über die Laufbahn</translation>
    </message>
    <message>
        <source>Outside polished</source>
        <translation>Außen blank</translation>
    </message>
    <message>
        <source>bright where the housing held it</source>
        <translation>blank, wo das Gehäuse es hielt</translation>
    </message>
    <message>
        <source>Bore polished</source>
        <translation>Bohrung blank</translation>
    </message>
    <message>
        <source>bright where the shaft held it</source>
        <translation>blank, wo die Welle es hielt</translation>
    </message>
    <message>
        <source>Flaking</source>
        <translation>Abblätterungen</translation>
    </message>
    <message>
        <source>pieces broken out of a raceway</source>
        <translation>Stücke aus einer Laufbahn gebrochen</translation>
    </message>
    <message>
        <source>Seal track worn</source>
        <translation>Dichtungslauf eingelaufen</translation>
    </message>
    <message>
        <source>a groove where the lip ran</source>
        <translation>eine Rille, wo die Lippe lief</translation>
    </message>
    <message>
        <source>Dull tracks</source>
        <translation>Matte Laufspuren</translation>
    </message>
    <message>
        <source>grey and rough all round, fine dents</source>
        <translation>ringsum grau und rau, feine Eindrücke</translation>
    </message>
    <message>
        <source>water got in</source>
        <translation>Wasser drang ein</translation>
    </message>
    <message>
        <source>force through the rolling elements when it was fitted</source>
        <translation>Kraft ging beim Einbau durch die Wälzkörper</translation>
    </message>
    <message>
        <source>shaken while it stood still</source>
        <translation>im Stillstand erschüttert</translation>
    </message>
    <message>
        <source>overheated</source>
        <translation>überhitzt</translation>
    </message>
    <message>
        <source>the ring was cocked, or the shaft bends</source>
        <translation>der Ring saß schief, oder die Welle biegt sich</translation>
    </message>
    <message>
        <source>the outer ring turned in its seat</source>
        <translation>der Außenring drehte sich in seinem Sitz</translation>
    </message>
    <message>
        <source>the inner ring turned on its seat</source>
        <translation>der Innenring drehte sich auf seinem Sitz</translation>
    </message>
    <message>
        <source>too little clearance</source>
        <translation>zu wenig Lagerluft</translation>
    </message>
    <message>
        <source>overloaded, or at the end of its life</source>
        <translation>überlastet, oder am Ende der Lebensdauer</translation>
    </message>
    <message>
        <source>the grease failed</source>
        <translation>das Fett versagte</translation>
    </message>
    <message>
        <source>dirt got in</source>
        <translation>Schmutz drang ein</translation>
    </message>
    <message>
        <source>the seal leaked</source>
        <translation>die Dichtung war undicht</translation>
    </message>
    <message>
        <source>Back up the ring that is pressed through</source>
        <translation>Den Ring unterstützen, durch den gepresst wird</translation>
    </message>
    <message>
        <source>Set up asks for it in this job</source>
        <translation>Rüsten verlangt es bei diesem Auftrag</translation>
    </message>
    <message>
        <source>Seals, drain and washing down</source>
        <translation>Dichtungen, Ablauf und Abwaschen</translation>
    </message>
    <message>
        <source>new seals; which way do lip and gap face?</source>
        <translation>neue Dichtungen; wohin zeigen Lippe und Öffnung?</translation>
    </message>
    <message>
        <source>Seat of the ring that turned</source>
        <translation>Sitz des Rings, der sich drehte</translation>
    </message>
    <message>
        <source>measure it, and check for creep polish</source>
        <translation>messen, und auf blanke Wanderspuren prüfen</translation>
    </message>
    <message>
        <source>Shoulder and spacer square</source>
        <translation>Schulter und Distanzhülse rechtwinklig</translation>
    </message>
    <message>
        <source>run-out at Measure, readings round the ring at Prove</source>
        <translation>Planlauf bei Messen, Ablesungen rund um den Ring bei Nachweis</translation>
    </message>
    <message>
        <source>Shaft straight, seats in line</source>
        <translation>Welle gerade, Sitze fluchtend</translation>
    </message>
    <message>
        <source>indicator over the journal</source>
        <translation>Messuhr über dem Zapfen</translation>
    </message>
    <message>
        <source>Clearance left in service</source>
        <translation>Lagerluft im Betrieb</translation>
    </message>
    <message>
        <source>Fit: the band, and the share below zero</source>
        <translation>Passung: das Band, und der Anteil unter null</translation>
    </message>
    <message>
        <source>Grease: kind and amount</source>
        <translation>Fett: Art und Menge</translation>
    </message>
    <message>
        <source>Intake&apos;s kit says how many grams</source>
        <translation>Der Teilesatz bei Annahme sagt, wie viel Gramm</translation>
    </message>
    <message>
        <source>Wear sleeve under the seal</source>
        <translation>Laufhülse unter der Dichtung</translation>
    </message>
    <message>
        <source>a new lip needs a clean track</source>
        <translation>eine neue Lippe braucht einen sauberen Lauf</translation>
    </message>
    <message>
        <source>Load case and classes</source>
        <translation>Lastfall und Klassen</translation>
    </message>
    <message>
        <source>Fit: which ring must be tight</source>
        <translation>Passung: welcher Ring fest sein muss</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>geschliffen</translation>
    </message>
    <message>
        <source>honed</source>
        <translation>gehont</translation>
    </message>
    <message>
        <source>polished</source>
        <translation>poliert</translation>
    </message>
    <message>
        <source>reamed</source>
        <translation>gerieben</translation>
    </message>
    <message>
        <source>fine turned or bored</source>
        <translation>fein gedreht oder gebohrt</translation>
    </message>
    <message>
        <source>turned or bored</source>
        <translation>gedreht oder gebohrt</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>dirty or burred</source>
        <translation>schmutzig oder mit Graten</translation>
    </message>
    <message>
        <source>worn</source>
        <translation>verschlissen</translation>
    </message>
    <message>
        <source>shaft turns, load stands</source>
        <translation>Welle dreht, Last steht still</translation>
    </message>
    <message>
        <source>housing turns, load stands</source>
        <translation>Gehäuse dreht, Last steht still</translation>
    </message>
    <message>
        <source>load changes direction</source>
        <translation>Last wechselt die Richtung</translation>
    </message>
    <message>
        <source>{inner} in {outer}</source>
        <translation>{inner} in {outer}</translation>
    </message>
    <message>
        <source>Bore of {part}</source>
        <translation>Bohrung von {part}</translation>
    </message>
    <message>
        <source>Journal of {part}</source>
        <translation>Zapfen von {part}</translation>
    </message>
    <message>
        <source>nothing measured yet</source>
        <translation>noch nichts gemessen</translation>
    </message>
    <message>
        <source>{count} of {all} seats: {verdict}</source>
        <translation>{count} von {all} Sitzen: {verdict}</translation>
    </message>
    <message>
        <source>{part}: replace</source>
        <translation>{part}: ersetzen</translation>
    </message>
    <message>
        <source>upward</source>
        <translation>nach oben</translation>
    </message>
    <message>
        <source>downward</source>
        <translation>nach unten</translation>
    </message>
    <message>
        <source>from above</source>
        <translation>von oben</translation>
    </message>
    <message>
        <source>from below</source>
        <translation>von unten</translation>
    </message>
    <message>
        <source>{parts} cannot come out on either side</source>
        <translation>{parts} kann auf keiner Seite heraus</translation>
    </message>
    <message>
        <source>it cannot be assembled as drawn</source>
        <translation>es lässt sich nicht bauen, wie es gezeichnet ist</translation>
    </message>
    <message>
        <source>the {part}</source>
        <translation>{part}</translation>
    </message>
    <message>
        <source>Turn the work over</source>
        <translation>Werkstück wenden</translation>
    </message>
    <message>
        <source>{parts} out together, {way}</source>
        <translation>{parts} zusammen heraus, {way}</translation>
    </message>
    <message>
        <source>{part}: unscrew it</source>
        <translation>{part}: abschrauben</translation>
    </message>
    <message>
        <source>{part}: pull it out</source>
        <translation>{part}: herausziehen</translation>
    </message>
    <message>
        <source>{part} out, {way}</source>
        <translation>{part} heraus, {way}</translation>
    </message>
    <message>
        <source>{part}: press or draw it out {way}, tight in {partners}</source>
        <translation>{part}: {way} auspressen oder ausziehen, sitzt fest in {partners}</translation>
    </message>
    <message>
        <source>{part}: press or draw it off {way}, tight on {partners}</source>
        <translation>{part}: {way} abpressen oder abziehen, sitzt fest auf {partners}</translation>
    </message>
    <message>
        <source>{parts} must come out first</source>
        <translation>{parts} muss zuerst heraus</translation>
    </message>
    <message>
        <source>{parts} in together, {way}</source>
        <translation>{parts} zusammen hinein, {way}</translation>
    </message>
    <message>
        <source>{part}: screw it on</source>
        <translation>{part}: aufschrauben</translation>
    </message>
    <message>
        <source>{part}: push it through and bend it over</source>
        <translation>{part}: durchstecken und umbiegen</translation>
    </message>
    <message>
        <source>{part} in, {way}</source>
        <translation>{part} hinein, {way}</translation>
    </message>
    <message>
        <source>{part}: press it in {way}, tight in {partners}</source>
        <translation>{part}: {way} einpressen, sitzt fest in {partners}</translation>
    </message>
    <message>
        <source>{part}: press it on {way}, tight on {partners}</source>
        <translation>{part}: {way} aufpressen, sitzt fest auf {partners}</translation>
    </message>
    <message>
        <source>it goes on before {parts}, or there is no access for it</source>
        <translation>es kommt vor {parts}, sonst ist kein Zugang mehr</translation>
    </message>
    <message>
        <source>{part}: spread it no farther than it needs, at {place}, {way}</source>
        <translation>{part}: nur so weit spreizen wie nötig, bei {place}, {way}</translation>
    </message>
    <message>
        <source>{part}: squeeze it no farther than it needs, at {place}, {way}</source>
        <translation>{part}: nur so weit zusammendrücken wie nötig, bei {place}, {way}</translation>
    </message>
    <message>
        <source>{part}: spread it no farther than it needs, {way}</source>
        <translation>{part}: nur so weit spreizen wie nötig, {way}</translation>
    </message>
    <message>
        <source>{part}: squeeze it no farther than it needs, {way}</source>
        <translation>{part}: nur so weit zusammendrücken wie nötig, {way}</translation>
    </message>
    <message>
        <source>{part}: spread it into its groove, {way}</source>
        <translation>{part}: in seine Nut spreizen, {way}</translation>
    </message>
    <message>
        <source>{part}: squeeze it into its groove, {way}</source>
        <translation>{part}: in seine Nut zusammendrücken, {way}</translation>
    </message>
    <message>
        <source>eye protection: the ring can fly</source>
        <translation>Schutzbrille: der Ring kann wegfliegen</translation>
    </message>
    <message>
        <source>{caution}; it alone holds {parts}</source>
        <translation>{caution}; er allein hält: {parts}</translation>
    </message>
    <message>
        <source>{several} and {last}</source>
        <translation>{several} und {last}</translation>
    </message>
    <message>
        <source>inner ring</source>
        <translation>Innenring</translation>
    </message>
    <message>
        <source>outer ring</source>
        <translation>Außenring</translation>
    </message>
    <message>
        <source>clearance as made</source>
        <translation>Lagerluft ab Werk</translation>
    </message>
    <message>
        <source>housing bore</source>
        <translation>Gehäusebohrung</translation>
    </message>
    <message>
        <source>outer ring outside</source>
        <translation>Außendurchmesser des Außenrings</translation>
    </message>
    <message>
        <source>journal</source>
        <translation>Zapfen</translation>
    </message>
    <message>
        <source>inner ring bore</source>
        <translation>Innenringbohrung</translation>
    </message>
    <message>
        <source>finish of the housing bore</source>
        <translation>Rauheit der Gehäusebohrung</translation>
    </message>
    <message>
        <source>finish of the inner ring bore</source>
        <translation>Rauheit der Innenringbohrung</translation>
    </message>
    <message>
        <source>finish of the outer ring</source>
        <translation>Rauheit des Außenrings</translation>
    </message>
    <message>
        <source>finish of the journal</source>
        <translation>Rauheit des Zapfens</translation>
    </message>
    <message>
        <source>temperatures at the housing</source>
        <translation>Temperaturen am Gehäuse</translation>
    </message>
    <message>
        <source>temperatures at the shaft</source>
        <translation>Temperaturen an der Welle</translation>
    </message>
    <message>
        <source>temperatures of the rings</source>
        <translation>Temperaturen der Ringe</translation>
    </message>
    <message>
        <source>raceway</source>
        <translation>Laufbahn</translation>
    </message>
    <message>
        <source>Rotating load on the {ring}</source>
        <translation>Umfangslast für {ring}</translation>
    </message>
    <message>
        <source>it must be tight, or it creeps: P/C {load}, size and kind of bearing say how tight</source>
        <translation>er muss fest sitzen, sonst wandert er: P/C {load}, Größe und Bauart des Lagers sagen, wie fest</translation>
    </message>
    <message>
        <source>The {ring} must float axially (non-locating)</source>
        <translation>{ring} muss axial schieben können (Loslager)</translation>
    </message>
    <message>
        <source>its load stands still, and it has to move as things get warm</source>
        <translation>seine Last steht still, und er muss sich bei Erwärmung bewegen</translation>
    </message>
    <message>
        <source>Close sliding fit is enough for the {ring}</source>
        <translation>Enge Spielpassung genügt für {ring}</translation>
    </message>
    <message>
        <source>its load stands still: easy to fit, without play to rattle</source>
        <translation>seine Last steht still: leicht zu fügen, ohne Spiel zum Klappern</translation>
    </message>
    <message>
        <source>One step tighter</source>
        <translation>Eine Stufe fester</translation>
    </message>
    <message>
        <source>{ring} is loose</source>
        <translation>{ring} ist lose</translation>
    </message>
    <message>
        <source>the load rotates on it: it will creep and wear its seat. Make this ring the tight one</source>
        <translation>die Last läuft auf ihm um: Er wandert und verschleißt seinen Sitz. Diesen Ring fest machen</translation>
    </message>
    <message>
        <source>Measured {part} {size} ± {uncertainty}</source>
        <translation>Gemessen: {part} {size} ± {uncertainty}</translation>
    </message>
    <message>
        <source>the measured size replaces the class</source>
        <translation>das gemessene Maß ersetzt die Klasse</translation>
    </message>
    <message>
        <source>{value} asperity flattening (embedding)</source>
        <translation>{value} Glättung der Rauheitsspitzen</translation>
    </message>
    <message>
        <source>0.8 × (Rz of bore + Rz of ring): the peaks flatten on the way in</source>
        <translation>0,8 × (Rz der Bohrung + Rz des Rings): die Spitzen glätten sich beim Fügen</translation>
    </message>
    <message>
        <source>Interference is ring minus bore</source>
        <translation>Übermaß ist Ring minus Bohrung</translation>
    </message>
    <message>
        <source>middle of both: {value} on the diameter, + is tight</source>
        <translation>Mitte beider: {value} im Durchmesser, + ist fest</translation>
    </message>
    <message>
        <source>May be loose</source>
        <translation>Kann lose sein</translation>
    </message>
    <message>
        <source>the loosest likely pair has {value} after embedding</source>
        <translation>das loseste wahrscheinliche Paar hat {value} nach der Glättung</translation>
    </message>
    <message>
        <source>Slides: likely {value} clearance</source>
        <translation>Gleitet: wahrscheinlich {value} Spiel</translation>
    </message>
    <message>
        <source>the load stands still on this ring</source>
        <translation>die Last steht auf diesem Ring still</translation>
    </message>
    <message>
        <source>Loose</source>
        <translation>Lose</translation>
    </message>
    <message>
        <source>likely {value}: the ring would creep and wear the bore. Sleeve or replace it</source>
        <translation>wahrscheinlich {value}: Der Ring würde wandern und die Bohrung verschleißen. Hülse einsetzen oder ersetzen</translation>
    </message>
    <message>
        <source>Measured size is outside {class}</source>
        <translation>Gemessenes Maß liegt außerhalb von {class}</translation>
    </message>
    <message>
        <source>{value} against {limit}</source>
        <translation>{value} gegen {limit}</translation>
    </message>
    <message>
        <source>{input} shifts clearance most</source>
        <translation>{input} verschiebt die Lagerluft am meisten</translation>
    </message>
    <message>
        <source>half its tolerance shifts clearance by {value}</source>
        <translation>die halbe Toleranz verschiebt die Lagerluft um {value}</translation>
    </message>
    <message>
        <source>{share} would run without clearance</source>
        <translation>{share} liefen ohne Lagerluft</translation>
    </message>
    <message>
        <source>choose a larger clearance group or an easier fit</source>
        <translation>größere Lagerluftgruppe oder leichtere Passung wählen</translation>
    </message>
    <message>
        <source>Clearance of {bearing} taken as for a deep groove bearing</source>
        <translation>Lagerluft von {bearing} wie für ein Rillenkugellager angenommen</translation>
    </message>
    <message>
        <source>the standard gives no group for two-row angular contact; compare it with the bearing&apos;s own figure</source>
        <translation>die Norm nennt keine Gruppe für zweireihige Schrägkugellager; mit der Angabe zum Lager vergleichen</translation>
    </message>
    <message>
        <source>May be loose in service</source>
        <translation>Kann im Betrieb lose sein</translation>
    </message>
    <message>
        <source>the loosest likely pair has {value} left at operating temperature and speed</source>
        <translation>dem losesten wahrscheinlichen Paar bleiben {value} bei Betriebstemperatur und Drehzahl</translation>
    </message>
    <message>
        <source>High hoop stress in inner ring</source>
        <translation>Hohe Tangentialspannung im Innenring</translation>
    </message>
    <message>
        <source>{value}, {limit} usual at most</source>
        <translation>{value}, üblich höchstens {limit}</translation>
    </message>
    <message>
        <source>The bore would yield</source>
        <translation>Die Bohrung würde fließen</translation>
    </message>
    <message>
        <source>{value} pressure; its elastic limit is {limit}</source>
        <translation>{value} Fugendruck; ihre Fließgrenze liegt bei {limit}</translation>
    </message>
    <message>
        <source>The inner part would yield</source>
        <translation>Das innere Teil würde fließen</translation>
    </message>
    <message>
        <source>Speed reduces interference by {value}</source>
        <translation>Die Drehzahl verringert das Übermaß um {value}</translation>
    </message>
    <message>
        <source>the grip is gone at {speed} rpm</source>
        <translation>bei {speed} 1/min ist der Halt weg</translation>
    </message>
    <message>
        <source>it does not grip standing still either</source>
        <translation>es hält auch im Stillstand nicht</translation>
    </message>
    <message>
        <source>Operating temperatures reduce interference by {value}</source>
        <translation>Betriebstemperaturen verringern das Übermaß um {value}</translation>
    </message>
    <message>
        <source>Operating temperatures add {value} of interference</source>
        <translation>Betriebstemperaturen bringen {value} Übermaß dazu</translation>
    </message>
    <message>
        <source>by the expansion of both parts</source>
        <translation>durch die Ausdehnung beider Teile</translation>
    </message>
    <message>
        <source>Sleeve of {material}, Ø{size}</source>
        <translation>Hülse aus {material}, Ø{size}</translation>
    </message>
    <message>
        <source>hoop stress at its bore {stress} in the worst case</source>
        <translation>Tangentialspannung an ihrer Bohrung im schlimmsten Fall {stress}</translation>
    </message>
    <message>
        <source>The sleeve does not fit</source>
        <translation>Die Hülse passt nicht</translation>
    </message>
    <message>
        <source>outside {value}; it must lie between the seat and {limit}</source>
        <translation>außen {value}; sie muss zwischen Sitz und {limit} liegen</translation>
    </message>
    <message>
        <source>outside {value}; it must lie between the seat and the rim</source>
        <translation>außen {value}; sie muss zwischen Sitz und Rand liegen</translation>
    </message>
    <message>
        <source>No heating needed</source>
        <translation>Kein Erwärmen nötig</translation>
    </message>
    <message>
        <source>even the tightest pair has clearance enough</source>
        <translation>auch das festeste Paar hat Fügespiel genug</translation>
    </message>
    <message>
        <source>Friction {value} from {count} good presses of this shop</source>
        <translation>Reibung {value} aus {count} guten Pressungen dieser Werkstatt</translation>
    </message>
    <message>
        <source>one press scatters by {scatter}; the band is where the next one lies, within the handbook’s band</source>
        <translation>eine Pressung streut um {scatter}; im Band liegt die nächste, innerhalb des Handbuchbands</translation>
    </message>
    <message>
        <source>Friction {least}…{most}</source>
        <translation>Reibung {least}…{most}</translation>
    </message>
    <message>
        <source>steel in {material}, practice band for this lubricant</source>
        <translation>Stahl in {material}, Praxisband für diese Schmierung</translation>
    </message>
    <message>
        <source>this bearing carries no axial load at all: brinelling</source>
        <translation>dieses Lager trägt gar keine Axiallast: Eindrücke in den Laufbahnen</translation>
    </message>
    <message>
        <source>axial static load rating C0a {rating}: brinelling, a dent at every rolling element</source>
        <translation>axiale statische Tragzahl C0a {rating}: Eindrücke, einer an jedem Wälzkörper</translation>
    </message>
    <message>
        <source>axial static load rating C0a {rating}: {share} of it when square; cocked, a few rolling elements take it all: brinelling</source>
        <translation>axiale statische Tragzahl C0a {rating}: davon {share}, wenn gerade; verkantet tragen wenige Wälzkörper alles: Eindrücke</translation>
    </message>
    <message>
        <source>Force stays in the {part}</source>
        <translation>Kraft bleibt in: {part}</translation>
    </message>
    <message>
        <source>ram to bed without passing through a rolling element</source>
        <translation>vom Stößel zum Tisch, ohne durch einen Wälzkörper zu gehen</translation>
    </message>
    <message>
        <source>Scraps the bearing: up to {force} through its rolling elements</source>
        <translation>Macht das Lager zu Schrott: bis {force} durch seine Wälzkörper</translation>
    </message>
    <message>
        <source>nothing else can be reached; the bearing is not used again</source>
        <translation>nichts anderes ist erreichbar; das Lager wird nicht wieder verwendet</translation>
    </message>
    <message>
        <source>Up to {force} through the rolling elements</source>
        <translation>Bis {force} durch die Wälzkörper</translation>
    </message>
    <message>
        <source>The press force would go through the {part}</source>
        <translation>Die Presskraft ginge durch: {part}</translation>
    </message>
    <message>
        <source>up to {force}; it must not be loaded</source>
        <translation>bis {force}; es darf nicht belastet werden</translation>
    </message>
    <message>
        <source>The press force does not reach the {part}</source>
        <translation>Die Presskraft erreicht nicht: {part}</translation>
    </message>
    <message>
        <source>nothing carries it from ram to bed</source>
        <translation>nichts leitet sie vom Stößel zum Tisch</translation>
    </message>
    <message>
        <source>Axial static load rating C0a is an estimate</source>
        <translation>Axiale statische Tragzahl C0a ist eine Schätzung</translation>
    </message>
    <message>
        <source>{force}, by ISO 76 from stated geometry</source>
        <translation>{force}, nach ISO 76 aus angegebener Geometrie</translation>
    </message>
    <message>
        <source>this bearing carries no axial load at all</source>
        <translation>dieses Lager trägt gar keine Axiallast</translation>
    </message>
    <message>
        <source>Axial static load rating C0a as entered</source>
        <translation>Axiale statische Tragzahl C0a wie eingegeben</translation>
    </message>
    <message>
        <source>Early rise before {size}</source>
        <translation>Früher Anstieg vor {size}</translation>
    </message>
    <message>
        <source>it started cocked: stop, lift, start again square</source>
        <translation>verkantet angesetzt: anhalten, abheben, gerade neu beginnen</translation>
    </message>
    <message>
        <source>Saw teeth</source>
        <translation>Sägezähne</translation>
    </message>
    <message>
        <source>dry or galling: stop, oil, check the bore</source>
        <translation>trocken oder Fressen: anhalten, ölen, Bohrung prüfen</translation>
    </message>
    <message>
        <source>Any force on the way in</source>
        <translation>Jede Kraft auf dem Weg hinein</translation>
    </message>
    <message>
        <source>it is hot and should drop in: it grips, so get it home at once or stop</source>
        <translation>es ist heiß und soll hineinfallen: Es klemmt, also sofort zum Anschlag oder anhalten</translation>
    </message>
    <message>
        <source>Seats at {size} (force rises sharply)</source>
        <translation>Liegt bei {size} an (die Kraft steigt steil)</translation>
    </message>
    <message>
        <source>final seating load {force}, one dwell, then measure</source>
        <translation>Anpresskraft {force}, einmal halten, dann messen</translation>
    </message>
    <message>
        <source>Seating load is limited by the {press}</source>
        <translation>Anpresskraft ist begrenzt durch: {press}</translation>
    </message>
    <message>
        <source>{force} wanted, {limit} there</source>
        <translation>gewünscht {force}, dort höchstens {limit}</translation>
    </message>
    <message>
        <source>The gauge will hardly move</source>
        <translation>Das Manometer bewegt sich kaum</translation>
    </message>
    <message>
        <source>{share} of the capacity of the {press}: a smaller press shows more</source>
        <translation>{share} der Tragkraft von {press}: eine kleinere Presse zeigt mehr</translation>
    </message>
    <message>
        <source>as this seat should press</source>
        <translation>wie dieser Sitz pressen soll</translation>
    </message>
    <message>
        <source>but not with the friction of this pair</source>
        <translation>aber nicht mit der Reibung dieses Paars</translation>
    </message>
    <message>
        <source>check where it leaves it</source>
        <translation>prüfen, wo er es verlässt</translation>
    </message>
    <message>
        <source>Nothing was read from {value} on</source>
        <translation>Ab {value} wurde nichts abgelesen</translation>
    </message>
    <message>
        <source>{limit} of travel without a reading: the trace is not whole</source>
        <translation>{limit} Weg ohne Ablesung: Der Verlauf ist nicht vollständig</translation>
    </message>
    <message>
        <source>Loaded with {force} where it must not be</source>
        <translation>Mit {force} belastet, wo es nicht sein darf</translation>
    </message>
    <message>
        <source>over the {force} of the slide it went through the rolling elements: feel and turn it</source>
        <translation>über die {force} des Gleitens hinaus ging sie durch die Wälzkörper: fühlen und drehen</translation>
    </message>
    <message>
        <source>Friction {value}, under {limit}</source>
        <translation>Reibung {value}, unter {limit}</translation>
    </message>
    <message>
        <source>Friction {value}, over {limit}</source>
        <translation>Reibung {value}, über {limit}</translation>
    </message>
    <message>
        <source>lower or looser than this pair should be: check lubricant and sizes</source>
        <translation>geringer oder loser, als dieses Paar sein soll: Schmierung und Maße prüfen</translation>
    </message>
    <message>
        <source>drier or tighter than this pair should be: check lubricant, sizes and bore</source>
        <translation>trockener oder fester, als dieses Paar sein soll: Schmierung, Maße und Bohrung prüfen</translation>
    </message>
    <message>
        <source>{share} of the trace lies in the band</source>
        <translation>{share} des Verlaufs liegen im Band</translation>
    </message>
    <message>
        <source>Above the band from {value}</source>
        <translation>Über dem Band ab {value}</translation>
    </message>
    <message>
        <source>{force} there: cocked, dry or too tight</source>
        <translation>dort {force}: verkantet, trocken oder zu fest</translation>
    </message>
    <message>
        <source>Below the band from {value}</source>
        <translation>Unter dem Band ab {value}</translation>
    </message>
    <message>
        <source>{force} there: looser than measured</source>
        <translation>dort {force}: loser als gemessen</translation>
    </message>
    <message>
        <source>Solid stop at {value}</source>
        <translation>Harter Anschlag bei {value}</translation>
    </message>
    <message>
        <source>the shoulder is at {limit}</source>
        <translation>die Schulter liegt bei {limit}</translation>
    </message>
    <message>
        <source>No sharp rise at the end</source>
        <translation>Kein steiler Anstieg am Ende</translation>
    </message>
    <message>
        <source>as far as home, {limit}, but not proven: apply the final seating load once</source>
        <translation>so weit wie der Anschlag, {limit}, aber nicht bewiesen: einmal mit Anpresskraft nachdrücken</translation>
    </message>
    <message>
        <source>Went past home</source>
        <translation>Ging über den Anschlag hinaus</translation>
    </message>
    <message>
        <source>to {value}; the shoulder should be at {limit}</source>
        <translation>bis {value}; die Schulter soll bei {limit} liegen</translation>
    </message>
    <message>
        <source>No solid stop where the shoulder should be</source>
        <translation>Kein harter Anschlag, wo die Schulter sein soll</translation>
    </message>
    <message>
        <source>{value} kN/mm, a shoulder gives {limit} or more: is the force on the right ring?</source>
        <translation>{value} kN/mm, eine Schulter gibt mindestens {limit}: Liegt die Kraft am richtigen Ring?</translation>
    </message>
    <message>
        <source>Early peak at {value}</source>
        <translation>Frühe Spitze bei {value}</translation>
    </message>
    <message>
        <source>{force} there: it started cocked</source>
        <translation>dort {force}: verkantet angesetzt</translation>
    </message>
    <message>
        <source>Saw teeth from {value}</source>
        <translation>Sägezähne ab {value}</translation>
    </message>
    <message>
        <source>The force grows out of proportion</source>
        <translation>Die Kraft wächst unverhältnismäßig</translation>
    </message>
    <message>
        <source>the surfaces are galling</source>
        <translation>die Flächen fressen</translation>
    </message>
    <message>
        <source>The force dropped by {force} at {value}</source>
        <translation>Fiel bei {value} um {force}</translation>
    </message>
    <message>
        <source>the support or the stack moved</source>
        <translation>Auflage oder Aufbau hat sich bewegt</translation>
    </message>
    <message>
        <source>Free up to {value}, then {force} at once</source>
        <translation>Frei bis {value}, dann plötzlich {force}</translation>
    </message>
    <message>
        <source>it gripped on the way</source>
        <translation>es klemmte unterwegs</translation>
    </message>
    <message>
        <source>Broke away at {force}</source>
        <translation>Löste sich bei {force}</translation>
    </message>
    <message>
        <source>after {value}</source>
        <translation>nach {value}</translation>
    </message>
    <message>
        <source>at {value}, home is at {limit}</source>
        <translation>bei {value}, der Anschlag liegt bei {limit}</translation>
    </message>
    <message>
        <source>A wrench tells the force within ±{share}</source>
        <translation>Ein Schlüssel zeigt die Kraft auf ±{share}</translation>
    </message>
    <message>
        <source>by the friction of thread and washer: the band is that much wider</source>
        <translation>wegen der Reibung von Gewinde und Scheibe: um so viel ist das Band breiter</translation>
    </message>
    <message>
        <source>A hammer tells no force</source>
        <translation>Ein Hammer zeigt keine Kraft</translation>
    </message>
    <message>
        <source>the fit stays unproven: measure depth all round</source>
        <translation>die Passung bleibt unbewiesen: Tiefe ringsum messen</translation>
    </message>
    <message>
        <source>Even, ringing, and no further</source>
        <translation>Gleichmäßig, hell, und nicht weiter</translation>
    </message>
    <message>
        <source>the signs of a ring on its shoulder</source>
        <translation>die Zeichen eines Rings auf seiner Schulter</translation>
    </message>
    <message>
        <source>The last blows still moved it</source>
        <translation>Die letzten Schläge bewegten ihn noch</translation>
    </message>
    <message>
        <source>not home: go on, a few light blows all round at a time</source>
        <translation>nicht am Anschlag: weiter, jeweils wenige leichte Schläge ringsum</translation>
    </message>
    <message>
        <source>The sound never turned</source>
        <translation>Der Klang schlug nie um</translation>
    </message>
    <message>
        <source>it may stand on a chip, or on nothing: check under the ring</source>
        <translation>er kann auf einem Span stehen, oder auf nichts: unter dem Ring prüfen</translation>
    </message>
    <message>
        <source>The gap was not even all round</source>
        <translation>Der Spalt war nicht ringsum gleich</translation>
    </message>
    <message>
        <source>cocked: bring the high side down first, or start again</source>
        <translation>verkantet: erst die hohe Seite nachziehen, oder neu beginnen</translation>
    </message>
    <message>
        <source>{count} of at least {least} readings</source>
        <translation>{count} von mindestens {least} Ablesungen</translation>
    </message>
    <message>
        <source>three fix a plane, four or more prove it</source>
        <translation>drei legen eine Ebene fest, vier oder mehr beweisen sie</translation>
    </message>
    <message>
        <source>Three readings prove no agreement</source>
        <translation>Drei Ablesungen beweisen keine Übereinstimmung</translation>
    </message>
    <message>
        <source>a plane always fits three; take a fourth</source>
        <translation>durch drei geht immer eine Ebene; eine vierte nehmen</translation>
    </message>
    <message>
        <source>Plane fits the readings</source>
        <translation>Ebene passt zu den Ablesungen</translation>
    </message>
    <message>
        <source>largest residual {value} at {hour} o’clock: no chip, no burr</source>
        <translation>größte Abweichung {value} bei {hour} Uhr: kein Span, kein Grat</translation>
    </message>
    <message>
        <source>Reading at {hour} o’clock stands out by {value}</source>
        <translation>Ablesung bei {hour} Uhr weicht um {value} ab</translation>
    </message>
    <message>
        <source>a chip, a burr or a misreading: {limit} is allowed</source>
        <translation>ein Span, ein Grat oder ein Ablesefehler: zulässig {limit}</translation>
    </message>
    <message>
        <source>Short of the shoulder by {value}</source>
        <translation>{value} vor der Schulter</translation>
    </message>
    <message>
        <source>{limit} is allowed</source>
        <translation>zulässig {limit}</translation>
    </message>
    <message>
        <source>Deeper than it can go by {value}</source>
        <translation>{value} tiefer, als es gehen kann</translation>
    </message>
    <message>
        <source>check the sizes of ring and seat, or the gauge&apos;s zero</source>
        <translation>Maße von Ring und Sitz prüfen, oder den Nullpunkt des Messgeräts</translation>
    </message>
    <message>
        <source>High at {hour} o’clock</source>
        <translation>Hoch bei {hour} Uhr</translation>
    </message>
    <message>
        <source>{value} across the seat, {limit} is allowed</source>
        <translation>{value} über den Sitz, zulässig {limit}</translation>
    </message>
    <message>
        <source>Home by the trace</source>
        <translation>Anliegend nach dem Verlauf</translation>
    </message>
    <message>
        <source>the force rose sharply where the shoulder is</source>
        <translation>die Kraft stieg steil, wo die Schulter ist</translation>
    </message>
    <message>
        <source>Home is not measured</source>
        <translation>Anliegen ist nicht gemessen</translation>
    </message>
    <message>
        <source>an indicator tells square only: measure one depth, or keep a trace</source>
        <translation>eine Messuhr zeigt nur, ob es rechtwinklig ist: eine Tiefe messen, oder einen Verlauf behalten</translation>
    </message>
    <message>
        <source>Square</source>
        <translation>Rechtwinklig</translation>
    </message>
    <message>
        <source>Square within measurement uncertainty</source>
        <translation>Rechtwinklig innerhalb der Messunsicherheit</translation>
    </message>
    <message>
        <source>could be {value} against {limit}: more readings or a finer gauge decide</source>
        <translation>könnte {value} gegen {limit} sein: mehr Ablesungen oder ein feineres Messgerät entscheiden</translation>
    </message>
    <message>
        <source>Groove open all round</source>
        <translation>Nut ringsum offen</translation>
    </message>
    <message>
        <source>{value} clear where it is least</source>
        <translation>{value} frei, wo es am wenigsten ist</translation>
    </message>
    <message>
        <source>Groove covered at {hour} o’clock</source>
        <translation>Nut bei {hour} Uhr verdeckt</translation>
    </message>
    <message>
        <source>the ring stands {value} in it</source>
        <translation>der Ring steht {value} in ihr</translation>
    </message>
    <message>
        <source>{value} must be larger than zero</source>
        <translation>{value} muss größer als null sein</translation>
    </message>
    <message>
        <source>{value} is not a finite number</source>
        <translation>{value} ist keine endliche Zahl</translation>
    </message>
    <message>
        <source>{value} does not go with the other sizes</source>
        <translation>{value} passt nicht zu den anderen Maßen</translation>
    </message>
    <message>
        <source>{value} is out of range</source>
        <translation>{value} ist außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>{value}: unknown tolerance class</source>
        <translation>{value}: unbekannte Toleranzklasse</translation>
    </message>
    <message>
        <source>{value} does not exist at this size</source>
        <translation>{value} gibt es bei diesem Maß nicht</translation>
    </message>
    <message>
        <source>{value} is not known</source>
        <translation>{value} ist nicht bekannt</translation>
    </message>
    <message>
        <source>{value} has no seat</source>
        <translation>{value} hat keinen Sitz</translation>
    </message>
    <message>
        <source>{value} cannot be read</source>
        <translation>{value} ist nicht lesbar</translation>
    </message>
    <message>
        <source>{value} is missing</source>
        <translation>{value} fehlt</translation>
    </message>
    <message>
        <source>{value} is a duplicate</source>
        <translation>{value} ist doppelt</translation>
    </message>
    <message>
        <source>{value}: unknown key</source>
        <translation>{value}: unbekannter Schlüssel</translation>
    </message>
    <message>
        <source>{value} cannot be opened</source>
        <translation>{value} lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>{value} cannot be written</source>
        <translation>{value} lässt sich nicht schreiben</translation>
    </message>
    <message>
        <source>{value} is invalid</source>
        <translation>{value} ist ungültig</translation>
    </message>
    <message>
        <source>it</source>
        <translation>es</translation>
    </message>
    <message>
        <source>{problem}; wanted: {limit}</source>
        <translation>{problem}; erwartet: {limit}</translation>
    </message>
    <message>
        <source>down</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>up</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>both sides</source>
        <translation>beide Seiten</translation>
    </message>
    <message>
        <source>contacts of the section</source>
        <translation>Berührungen im Schnitt</translation>
    </message>
    <message>
        <source>limits of both parts</source>
        <translation>Grenzmaße beider Teile</translation>
    </message>
    <message>
        <source>practice after DIN 5425-1</source>
        <translation>Praxis nach DIN 5425-1</translation>
    </message>
    <message>
        <source>linear expansion, turning rings</source>
        <translation>Längenausdehnung, umlaufende Ringe</translation>
    </message>
    <message>
        <source>Lamé</source>
        <translation>Lamé</translation>
    </message>
    <message>
        <source>force over area</source>
        <translation>Kraft durch Fläche</translation>
    </message>
    <message>
        <source>statics of the thread, VDI 2230</source>
        <translation>Statik des Gewindes, VDI 2230</translation>
    </message>
    <message>
        <source>peg in a hole</source>
        <translation>Bolzen im Loch</translation>
    </message>
    <message>
        <source>beam and plate theory</source>
        <translation>Balken- und Plattentheorie</translation>
    </message>
    <message>
        <source>practice</source>
        <translation>Praxis</translation>
    </message>
    <message>
        <source>pitch, contact angle, clamp</source>
        <translation>Steigung, Druckwinkel, Klemmung</translation>
    </message>
    <message>
        <source>free volume of the section</source>
        <translation>freies Volumen des Schnitts</translation>
    </message>
    <message>
        <source>linear expansion</source>
        <translation>Längenausdehnung</translation>
    </message>
    <message>
        <source>balance of heat</source>
        <translation>Wärmebilanz</translation>
    </message>
    <message>
        <source>this shop’s records</source>
        <translation>Aufzeichnungen dieser Werkstatt</translation>
    </message>
    <message>
        <source>least-squares plane</source>
        <translation>Ausgleichsebene</translation>
    </message>
    <message>
        <source>wanted {range}</source>
        <translation>gewünscht {range}</translation>
    </message>
    <message>
        <source>most {size}</source>
        <translation>höchstens {size}</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Gewünscht</translation>
    </message>
    <message>
        <source>End play wanted</source>
        <translation>Gewünschtes Axialspiel</translation>
    </message>
    <message>
        <source>Clamp force</source>
        <translation>Klemmkraft</translation>
    </message>
    <message>
        <source>Clamp shortens spacer and rings by</source>
        <translation>Klemmen verkürzt Distanzhülse und Ringe um</translation>
    </message>
    <message>
        <source>Spacer length needed</source>
        <translation>Nötige Länge der Distanzhülse</translation>
    </message>
    <message>
        <source>Step by step</source>
        <translation>Schritt für Schritt</translation>
    </message>
    <message>
        <source>done</source>
        <translation>erledigt</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>Done: step {number}</source>
        <translation>Erledigt: Schritt {number}</translation>
    </message>
    <message>
        <source>End play is set</source>
        <translation>Axialspiel ist eingestellt</translation>
    </message>
    <message>
        <source>Waits for end play in the band.</source>
        <translation>Wartet auf ein Axialspiel in der Spanne.</translation>
    </message>
    <message>
        <source>Tighten in steps, always turning, and stop when it drags.</source>
        <translation>In Stufen anziehen, dabei immer drehen, und aufhören, wenn es schwer geht.</translation>
    </message>
    <message>
        <source>A castle nut under clamp load is tightened to the next slot, never backed off.</source>
        <translation>Eine Kronenmutter unter Klemmkraft wird bis zum nächsten Schlitz angezogen, nie zurückgedreht.</translation>
    </message>
    <message>
        <source>An adjusting nut is backed off to the next slot, never tightened to it. Turn it while tightening.</source>
        <translation>Eine Stellmutter wird bis zum nächsten Schlitz zurückgedreht, nie auf ihn angezogen. Beim Anziehen drehen.</translation>
    </message>
    <message>
        <source>This arrangement has no pair of bearings set against each other.</source>
        <translation>Diese Anordnung hat kein Lagerpaar, das gegeneinander angestellt ist.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>{first} against {second}</source>
        <translation>{first} gegen {second}</translation>
    </message>
    <message>
        <source>End play at full torque</source>
        <translation>Axialspiel bei vollem Moment</translation>
    </message>
    <message>
        <source>End play, by indicator</source>
        <translation>Axialspiel, nach Messuhr</translation>
    </message>
    <message>
        <source>End play at operating temperature</source>
        <translation>Axialspiel bei Betriebstemperatur</translation>
    </message>
    <message>
        <source>Step {number} of {all}</source>
        <translation>Schritt {number} von {all}</translation>
    </message>
    <message>
        <source>Out · {part}</source>
        <translation>Aus · {part}</translation>
    </message>
    <message>
        <source>In · {part}</source>
        <translation>Ein · {part}</translation>
    </message>
    <message>
        <source>Recorded</source>
        <translation>Aufgezeichnet</translation>
    </message>
    <message>
        <source>By {who}, {when}.</source>
        <translation>Von {who}, {when}.</translation>
    </message>
    <message>
        <source>Write down what was done, for next time.</source>
        <translation>Aufschreiben, was getan wurde, für das nächste Mal.</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Protokoll</translation>
    </message>
    <message>
        <source>Done by</source>
        <translation>Ausgeführt von</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Before it goes back</source>
        <translation>Bevor es zurückgeht</translation>
    </message>
    <message>
        <source>Write the record again</source>
        <translation>Protokoll neu schreiben</translation>
    </message>
    <message>
        <source>Say who did the work.</source>
        <translation>Angeben, wer die Arbeit ausgeführt hat.</translation>
    </message>
    <message>
        <source>A station has a stop; it is written into the record as it stands.</source>
        <translation>Eine Station hat einen Halt; er kommt ins Protokoll, wie er steht.</translation>
    </message>
    <message>
        <source>Safety-critical assemblies are released by a person authorised for it. This record advises and does not certify.</source>
        <translation>Sicherheitskritische Baugruppen gibt eine dafür befugte Person frei. Dieses Protokoll berät und bescheinigt nicht.</translation>
    </message>
    <message>
        <source>loosest {size}</source>
        <translation>losestes {size}</translation>
    </message>
    <message>
        <source>tightest {size}</source>
        <translation>festestes {size}</translation>
    </message>
    <message>
        <source>none left</source>
        <translation>keine mehr</translation>
    </message>
    <message>
        <source>{range} · {share} below zero</source>
        <translation>{range} · {share} unter null</translation>
    </message>
    <message>
        <source>Heat outer part to</source>
        <translation>Äußeres Teil erwärmen auf</translation>
    </message>
    <message>
        <source>with the inner part at {temp}</source>
        <translation>mit dem inneren Teil bei {temp}</translation>
    </message>
    <message>
        <source>limit {temp}</source>
        <translation>Grenze {temp}</translation>
    </message>
    <message>
        <source>Pressure on the seat</source>
        <translation>Fugendruck am Sitz</translation>
    </message>
    <message>
        <source>Pressure in service</source>
        <translation>Fugendruck im Betrieb</translation>
    </message>
    <message>
        <source>Outer part yields at</source>
        <translation>Äußeres Teil fließt bei</translation>
    </message>
    <message>
        <source>Hoop stress, outer / inner</source>
        <translation>Tangentialspannung, außen / innen</translation>
    </message>
    <message>
        <source>Removal force</source>
        <translation>Abziehkraft</translation>
    </message>
    <message>
        <source>Clearance for fitting, at least</source>
        <translation>Fügespiel, mindestens</translation>
    </message>
    <message>
        <source>Heating</source>
        <translation>Erwärmen</translation>
    </message>
    <message>
        <source>Torque it holds in service</source>
        <translation>Übertragbares Moment im Betrieb</translation>
    </message>
    <message>
        <source>Worked out besides</source>
        <translation>Außerdem berechnet</translation>
    </message>
    <message>
        <source>Interference by the limits, least</source>
        <translation>Übermaß nach den Grenzmaßen, kleinstes</translation>
    </message>
    <message>
        <source>Interference by the limits, most</source>
        <translation>Übermaß nach den Grenzmaßen, größtes</translation>
    </message>
    <message>
        <source>Interference, middle of both tolerances</source>
        <translation>Übermaß, Mitte beider Toleranzen</translation>
    </message>
    <message>
        <source>Asperity flattening (embedding)</source>
        <translation>Glättung der Rauheitsspitzen</translation>
    </message>
    <message>
        <source>Gained by the temperatures in service</source>
        <translation>Gewinn durch die Betriebstemperaturen</translation>
    </message>
    <message>
        <source>Lost to speed</source>
        <translation>Verlust durch die Drehzahl</translation>
    </message>
    <message>
        <source>Interference left in service</source>
        <translation>Übermaß, das im Betrieb bleibt</translation>
    </message>
    <message>
        <source>Pressure by the limits, most</source>
        <translation>Fugendruck nach den Grenzmaßen, größter</translation>
    </message>
    <message>
        <source>Hoop stress, inner part</source>
        <translation>Tangentialspannung, inneres Teil</translation>
    </message>
    <message>
        <source>Inner part yields at</source>
        <translation>Inneres Teil fließt bei</translation>
    </message>
    <message>
        <source>Hoop stress, sleeve</source>
        <translation>Tangentialspannung, Hülse</translation>
    </message>
    <message>
        <source>Press force by the limits, most</source>
        <translation>Einpresskraft nach den Grenzmaßen, größte</translation>
    </message>
    <message>
        <source>Torque it holds, cold</source>
        <translation>Übertragbares Moment, kalt</translation>
    </message>
    <message>
        <source>Nothing holds it any more at</source>
        <translation>Nichts hält es mehr bei</translation>
    </message>
    <message>
        <source>{speed} rpm</source>
        <translation>{speed} 1/min</translation>
    </message>
    <message>
        <source>Clearance left by the limits, least</source>
        <translation>Bleibende Lagerluft nach den Grenzmaßen, kleinste</translation>
    </message>
    <message>
        <source>Clearance left by the limits, most</source>
        <translation>Bleibende Lagerluft nach den Grenzmaßen, größte</translation>
    </message>
    <message>
        <source>Clearance left, middle of all tolerances</source>
        <translation>Bleibende Lagerluft, Mitte aller Toleranzen</translation>
    </message>
    <message>
        <source>Would run without clearance</source>
        <translation>Liefen ohne Lagerluft</translation>
    </message>
    <message>
        <source>Clearance shift by half the tolerance: {what}</source>
        <translation>Verschiebung der Lagerluft durch die halbe Toleranz: {what}</translation>
    </message>
    <message>
        <source>Press force, just before home</source>
        <translation>Einpresskraft, kurz vor dem Anschlag</translation>
    </message>
    <message>
        <source>{range} · gauge {gauge}</source>
        <translation>{range} · Manometer {gauge}</translation>
    </message>
    <message>
        <source>Sizes</source>
        <translation>Maße</translation>
    </message>
    <message>
        <source>Seat diameter</source>
        <translation>Sitzdurchmesser</translation>
    </message>
    <message>
        <source>Contact length</source>
        <translation>Fugenlänge</translation>
    </message>
    <message>
        <source>{part}, measured</source>
        <translation>{part}, gemessen</translation>
    </message>
    <message>
        <source>{part}, limits</source>
        <translation>{part}, Grenzmaße</translation>
    </message>
    <message>
        <source>Usual here: {bore} and {shaft}</source>
        <translation>Hier üblich: {bore} und {shaft}</translation>
    </message>
    <message>
        <source>Clearance is set when it is adjusted</source>
        <translation>Die Lagerluft entsteht beim Einstellen</translation>
    </message>
    <message>
        <source>{seat}, {size}</source>
        <translation>{seat}, {size}</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Tight enough to stay, loose enough to run.</source>
        <translation>Fest genug, um zu halten, lose genug, um zu laufen.</translation>
    </message>
    <message>
        <source>A size of this seat is missing.</source>
        <translation>Ein Maß dieses Sitzes fehlt.</translation>
    </message>
    <message>
        <source>Give both sides a class or a size</source>
        <translation>Beiden Seiten eine Klasse oder ein Maß geben</translation>
    </message>
    <message>
        <source>Here, at Measure, or in the arrangement.</source>
        <translation>Hier, bei Messen oder in der Anordnung.</translation>
    </message>
    <message>
        <source>Use these fits</source>
        <translation>Diese Passungen verwenden</translation>
    </message>
    <message>
        <source>Change the fit before going on.</source>
        <translation>Erst die Passung ändern, dann weiter.</translation>
    </message>
    <message>
        <source>Kit on the bench</source>
        <translation>Teilesatz auf der Werkbank</translation>
    </message>
    <message>
        <source>{count} of {all}</source>
        <translation>{count} von {all}</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>on the bench</source>
        <translation>auf der Werkbank</translation>
    </message>
    <message>
        <source>Intake</source>
        <translation>Annahme</translation>
    </message>
    <message>
        <source>What is it, what is wrong, and is everything there?</source>
        <translation>Was ist es, was stimmt nicht, und ist alles da?</translation>
    </message>
    <message>
        <source>What the checks say</source>
        <translation>Was die Prüfungen sagen</translation>
    </message>
    <message>
        <source>{check}: bad</source>
        <translation>{check}: schlecht</translation>
    </message>
    <message>
        <source>{check}: fine</source>
        <translation>{check}: gut</translation>
    </message>
    <message>
        <source>Write down why.</source>
        <translation>Aufschreiben, warum.</translation>
    </message>
    <message>
        <source>Go to stripping</source>
        <translation>Weiter zum Zerlegen</translation>
    </message>
    <message>
        <source>up to {limit}</source>
        <translation>bis {limit}</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>Mean size at 20 °C</source>
        <translation>Mittleres Maß bei 20 °C</translation>
    </message>
    <message>
        <source>Measured size</source>
        <translation>Gemessenes Maß</translation>
    </message>
    <message>
        <source>{verdict}, overruled</source>
        <translation>{verdict}, überstimmt</translation>
    </message>
    <message>
        <source>Taper</source>
        <translation>Konizität</translation>
    </message>
    <message>
        <source>Oval, long axis at {angle}°</source>
        <translation>Unrund, lange Achse bei {angle}°</translation>
    </message>
    <message>
        <source>Bell-mouth</source>
        <translation>Aufweitung am Mund</translation>
    </message>
    <message>
        <source>Lobing (3rd order and up)</source>
        <translation>Gleichdick (3. Ordnung und höher)</translation>
    </message>
    <message>
        <source>Brought to 20 °C</source>
        <translation>Auf 20 °C umgerechnet</translation>
    </message>
    <message>
        <source>Lobes need three directions</source>
        <translation>Gleichdick braucht drei Richtungen</translation>
    </message>
    <message>
        <source>You say: {verdict}</source>
        <translation>Ihr Urteil: {verdict}</translation>
    </message>
    <message>
        <source>Interference with it</source>
        <translation>Übermaß damit</translation>
    </message>
    <message>
        <source>Tolerance class</source>
        <translation>Toleranzklasse</translation>
    </message>
    <message>
        <source>Nominal size</source>
        <translation>Nennmaß</translation>
    </message>
    <message>
        <source>Old cup stood proud of its face by</source>
        <translation>Alter Außenring stand über seiner Fläche vor um</translation>
    </message>
    <message>
        <source>Measure the length at four points on the plate, then the other end with the indicator.</source>
        <translation>Länge an vier Stellen auf der Messplatte messen, dann das andere Ende mit der Messuhr.</translation>
    </message>
    <message>
        <source>Face the ends true, then measure the length again.</source>
        <translation>Enden plan bearbeiten, dann die Länge neu messen.</translation>
    </message>
    <message>
        <source>Ends out of parallel</source>
        <translation>Enden nicht parallel um</translation>
    </message>
    <message>
        <source>Lower end out of square</source>
        <translation>Unteres Ende nicht rechtwinklig um</translation>
    </message>
    <message>
        <source>Length as drawn</source>
        <translation>Länge nach Zeichnung</translation>
    </message>
    <message>
        <source>Pick what you see: it says what to check in this job.</source>
        <translation>Anwählen, was zu sehen ist: Daraus folgt, was bei diesem Auftrag zu prüfen ist.</translation>
    </message>
    <message>
        <source>Likely causes</source>
        <translation>Wahrscheinliche Ursachen</translation>
    </message>
    <message>
        <source>Check this because of it</source>
        <translation>Deswegen prüfen</translation>
    </message>
    <message>
        <source>Next: {what}</source>
        <translation>Als Nächstes: {what}</translation>
    </message>
    <message>
        <source>Go to Fit</source>
        <translation>Weiter zur Passung</translation>
    </message>
    <message>
        <source>Breakaway force</source>
        <translation>Lösekraft</translation>
    </message>
    <message>
        <source>Final seating load, one dwell</source>
        <translation>Anpresskraft, einmal halten</translation>
    </message>
    <message>
        <source>seat at {gauge}</source>
        <translation>Anpressen bei {gauge}</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Pressen</translation>
    </message>
    <message>
        <source>Unit of its gauge</source>
        <translation>Einheit ihres Manometers</translation>
    </message>
    <message>
        <source>Seating load on it</source>
        <translation>Anpresskraft darauf</translation>
    </message>
    <message>
        <source>On the wrench, at breakaway</source>
        <translation>Am Schlüssel, beim Lösen</translation>
    </message>
    <message>
        <source>On the wrench, just before home</source>
        <translation>Am Schlüssel, kurz vor dem Anschlag</translation>
    </message>
    <message>
        <source>{least}…{most}, after {turns} turns</source>
        <translation>{least}…{most}, nach {turns} Umdrehungen</translation>
    </message>
    <message>
        <source>Ram stroke used</source>
        <translation>Benutzter Stößelhub</translation>
    </message>
    <message>
        <source>of {stroke}</source>
        <translation>von {stroke}</translation>
    </message>
    <message>
        <source>Travel until it is free</source>
        <translation>Weg, bis es frei ist</translation>
    </message>
    <message>
        <source>Travel to home</source>
        <translation>Weg bis zum Anschlag</translation>
    </message>
    <message>
        <source>Energy in frame and stack, at most</source>
        <translation>Energie in Gestell und Aufbau, höchstens</translation>
    </message>
    <message>
        <source>{energy} J</source>
        <translation>{energy} J</translation>
    </message>
    <message>
        <source>How it ends</source>
        <translation>Wie es endet</translation>
    </message>
    <message>
        <source>Trace</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>Travel at its end</source>
        <translation>Weg am Ende</translation>
    </message>
    <message>
        <source>Peak force</source>
        <translation>Höchstkraft</translation>
    </message>
    <message>
        <source>Inside the band</source>
        <translation>Innerhalb des Bands</translation>
    </message>
    <message>
        <source>Friction found</source>
        <translation>Gefundene Reibung</translation>
    </message>
    <message>
        <source>Solid stop at</source>
        <translation>Harter Anschlag bei</translation>
    </message>
    <message>
        <source>Phase: {phase}</source>
        <translation>Phase: {phase}</translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>Auspressen</translation>
    </message>
    <message>
        <source>Press it in</source>
        <translation>Einpressen</translation>
    </message>
    <message>
        <source>The force is not known: sizes are missing, or it is held by its rubber.</source>
        <translation>Die Kraft ist nicht bekannt: Maße fehlen, oder es wird von Gummi gehalten.</translation>
    </message>
    <message>
        <source>Square from the first millimetre</source>
        <translation>Gerade vom ersten Millimeter an</translation>
    </message>
    <message>
        <source>as soon as it cocks or the force jumps: stop, lift, start again</source>
        <translation>sobald es verkantet oder die Kraft springt: anhalten, abheben, neu beginnen</translation>
    </message>
    <message>
        <source>It is out</source>
        <translation>Es ist heraus</translation>
    </message>
    <message>
        <source>Stand clear of the line of force. Eye protection.</source>
        <translation>Nicht in der Kraftlinie stehen. Schutzbrille.</translation>
    </message>
    <message>
        <source>Set up has a stop: settle it first.</source>
        <translation>Rüsten hat einen Halt: erst klären.</translation>
    </message>
    <message>
        <source>Never strike through the rolling elements, nor steel on a hardened ring. Eye protection.</source>
        <translation>Nie durch die Wälzkörper schlagen, nie Stahl auf einen gehärteten Ring. Schutzbrille.</translation>
    </message>
    <message>
        <source>It lets go suddenly and releases up to {energy} J. Guard up, stand clear, eye protection.</source>
        <translation>Es löst sich schlagartig und setzt bis zu {energy} J frei. Schutz davor, nicht in der Kraftlinie stehen, Schutzbrille.</translation>
    </message>
    <message>
        <source>Press it out</source>
        <translation>Auspressen</translation>
    </message>
    <message>
        <source>By hand: the seat is loose.</source>
        <translation>Von Hand: Der Sitz ist lose.</translation>
    </message>
    <message>
        <source>When it should break away, and when to stop.</source>
        <translation>Wann es sich lösen soll, und wann anzuhalten ist.</translation>
    </message>
    <message>
        <source>What the gauge should show, and when to stop.</source>
        <translation>Was das Manometer zeigen soll, und wann anzuhalten ist.</translation>
    </message>
    <message>
        <source>What the trace says</source>
        <translation>Was der Verlauf sagt</translation>
    </message>
    <message>
        <source>It is pressed</source>
        <translation>Es ist gepresst</translation>
    </message>
    <message>
        <source>Retaining ring probed</source>
        <translation>Sicherungsring geprüft</translation>
    </message>
    <message>
        <source>To be checked</source>
        <translation>Zu prüfen</translation>
    </message>
    <message>
        <source>Out of square across Ø{size}</source>
        <translation>Schief über Ø{size}</translation>
    </message>
    <message>
        <source>limit {size}</source>
        <translation>Grenze {size}</translation>
    </message>
    <message>
        <source>Tilt</source>
        <translation>Kippung</translation>
    </message>
    <message>
        <source>arc-min</source>
        <translation>Winkelmin.</translation>
    </message>
    <message>
        <source>Short of home</source>
        <translation>Vor dem Anschlag um</translation>
    </message>
    <message>
        <source>Plane through the readings</source>
        <translation>Ebene durch die Ablesungen</translation>
    </message>
    <message>
        <source>High side</source>
        <translation>Hohe Seite</translation>
    </message>
    <message>
        <source>{hour} o’clock</source>
        <translation>{hour} Uhr</translation>
    </message>
    <message>
        <source>Largest residual</source>
        <translation>Größte Abweichung</translation>
    </message>
    <message>
        <source>Groove open, at least</source>
        <translation>Nut offen, mindestens</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Als Nächstes</translation>
    </message>
    <message>
        <source>Read: {ring}</source>
        <translation>Ablesen: {ring}</translation>
    </message>
    <message>
        <source>Yes: {check}</source>
        <translation>Ja: {check}</translation>
    </message>
    <message>
        <source>Retaining ring probed at {hour} o’clock</source>
        <translation>Sicherungsring bei {hour} Uhr geprüft</translation>
    </message>
    <message>
        <source>Accept by concession</source>
        <translation>Mit Sonderfreigabe annehmen</translation>
    </message>
    <message>
        <source>The seat is proven</source>
        <translation>Der Sitz ist nachgewiesen</translation>
    </message>
    <message>
        <source>A check is still open.</source>
        <translation>Eine Prüfung ist noch offen.</translation>
    </message>
    <message>
        <source>Waits for readings that prove it.</source>
        <translation>Wartet auf Ablesungen, die es beweisen.</translation>
    </message>
    <message>
        <source>Nothing to prove</source>
        <translation>Nichts nachzuweisen</translation>
    </message>
    <message>
        <source>It comes out; the surface it leaves is measured.</source>
        <translation>Es kommt heraus; die Fläche, die es freigibt, wird gemessen.</translation>
    </message>
    <message>
        <source>Nothing is known of where it sits.</source>
        <translation>Nichts ist bekannt von seinem Sitz.</translation>
    </message>
    <message>
        <source>Go to the next step</source>
        <translation>Weiter zum nächsten Schritt</translation>
    </message>
    <message>
        <source>{ring} · {partner}. {verdict}</source>
        <translation>{ring} · {partner}. {verdict}</translation>
    </message>
    <message>
        <source>Wanted, from the face</source>
        <translation>Gewünscht, von der Fläche</translation>
    </message>
    <message>
        <source>Checks of the seat</source>
        <translation>Prüfungen des Sitzes</translation>
    </message>
    <message>
        <source>Eye protection on: the retaining ring can fly.</source>
        <translation>Schutzbrille auf: Der Sicherungsring kann wegfliegen.</translation>
    </message>
    <message>
        <source>Drive a seal by its case, flush and square, never by the lip.</source>
        <translation>Dichtung an ihrem Mantel eintreiben, bündig und gerade, nie an der Lippe.</translation>
    </message>
    <message>
        <source>Size missing or invalid</source>
        <translation>Maß fehlt oder ist ungültig</translation>
    </message>
    <message>
        <source>Also</source>
        <translation>Außerdem</translation>
    </message>
    <message>
        <source>Nothing is lost</source>
        <translation>Nichts ist verloren</translation>
    </message>
    <message>
        <source>Correct the size, or undo.</source>
        <translation>Maß berichtigen, oder rückgängig machen.</translation>
    </message>
    <message>
        <source>Press force</source>
        <translation>Presskraft</translation>
    </message>
    <message>
        <source>Energy released at breakaway</source>
        <translation>Beim Lösen frei werdende Energie</translation>
    </message>
    <message>
        <source>at most, from frame and stack</source>
        <translation>höchstens, aus Gestell und Aufbau</translation>
    </message>
    <message>
        <source>Not here: {method}</source>
        <translation>Hier nicht: {method}</translation>
    </message>
    <message>
        <source>Still missing</source>
        <translation>Fehlt noch</translation>
    </message>
    <message>
        <source>Nothing is tight here</source>
        <translation>Hier sitzt nichts fest</translation>
    </message>
    <message>
        <source>It comes by hand. Lay it down clean, in the order it came.</source>
        <translation>Es kommt von Hand. Sauber ablegen, in der Reihenfolge, in der es kam.</translation>
    </message>
    <message>
        <source>Tick the kit at Intake first.</source>
        <translation>Erst den Teilesatz bei Annahme abhaken.</translation>
    </message>
    <message>
        <source>All parts are out</source>
        <translation>Alle Teile sind heraus</translation>
    </message>
    <message>
        <source>Turned over</source>
        <translation>Gewendet</translation>
    </message>
    <message>
        <source>It is the right way round</source>
        <translation>Es liegt richtig herum</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Zerlegen</translation>
    </message>
    <message>
        <source>Why now</source>
        <translation>Warum jetzt</translation>
    </message>
    <message>
        <source>Why not sooner</source>
        <translation>Warum nicht früher</translation>
    </message>
    <message>
        <source>Not yet</source>
        <translation>Noch nicht</translation>
    </message>
    <message>
        <source>How it comes out</source>
        <translation>Wie es herauskommt</translation>
    </message>
    <message>
        <source>Describe the parts first; the order of work follows from them.</source>
        <translation>Erst die Teile beschreiben; die Arbeitsfolge ergibt sich daraus.</translation>
    </message>
    <message>
        <source>Times the work is turned over</source>
        <translation>So oft wird das Werkstück gewendet</translation>
    </message>
    <message>
        <source>Stack, bed to ram ({unit})</source>
        <translation>Aufbau, vom Tisch zum Stößel ({unit})</translation>
    </message>
    <message>
        <source>Stack on the bolt ({unit})</source>
        <translation>Aufbau auf der Schraube ({unit})</translation>
    </message>
    <message>
        <source>{press}, notch {notch}</source>
        <translation>{press}, Raste {notch}</translation>
    </message>
    <message>
        <source>Setup</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>Draw bolt</source>
        <translation>Zugschraube</translation>
    </message>
    <message>
        <source>Hollow ram</source>
        <translation>Hohlkolben</translation>
    </message>
    <message>
        <source>Plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>Separator</source>
        <translation>Trennvorrichtung</translation>
    </message>
    <message>
        <source>Support</source>
        <translation>Auflage</translation>
    </message>
    <message>
        <source>bed</source>
        <translation>Tisch</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Werkstück</translation>
    </message>
    <message>
        <source>Driver</source>
        <translation>Druckstück</translation>
    </message>
    <message>
        <source>ram</source>
        <translation>Stößel</translation>
    </message>
    <message>
        <source>Spacer</source>
        <translation>Zwischenstück</translation>
    </message>
    <message>
        <source>The work stands turned over</source>
        <translation>Das Werkstück steht gewendet</translation>
    </message>
    <message>
        <source>Two strokes</source>
        <translation>Zwei Hübe</translation>
    </message>
    <message>
        <source>Between the nuts</source>
        <translation>Zwischen den Muttern</translation>
    </message>
    <message>
        <source>{used} of {there}</source>
        <translation>{used} von {there}</translation>
    </message>
    <message>
        <source>Room for the stack</source>
        <translation>Platz für den Aufbau</translation>
    </message>
    <message>
        <source>Height of the stack</source>
        <translation>Höhe des Aufbaus</translation>
    </message>
    <message>
        <source>Daylight</source>
        <translation>Lichte Höhe</translation>
    </message>
    <message>
        <source>Ram travel before it touches</source>
        <translation>Stößelweg bis zum Berühren</translation>
    </message>
    <message>
        <source>Stroke there is</source>
        <translation>Vorhandener Hub</translation>
    </message>
    <message>
        <source>Load on the rolling elements</source>
        <translation>Last auf den Wälzkörpern</translation>
    </message>
    <message>
        <source>rated {force}</source>
        <translation>zulässig {force}</translation>
    </message>
    <message>
        <source>carries no axial load</source>
        <translation>trägt keine Axiallast</translation>
    </message>
    <message>
        <source>static rating</source>
        <translation>statische Tragzahl</translation>
    </message>
    <message>
        <source>{tool} would do</source>
        <translation>{tool} würde passen</translation>
    </message>
    <message>
        <source>Make {tool} first</source>
        <translation>Zuerst {tool} fertigen</translation>
    </message>
    <message>
        <source>{sizes} from round bar {bar}</source>
        <translation>{sizes} aus Rundstahl {bar}</translation>
    </message>
    <message>
        <source>Drivers on the rack, best first</source>
        <translation>Druckstücke im Regal, das beste zuerst</translation>
    </message>
    <message>
        <source>bare ram</source>
        <translation>bloßer Stößel</translation>
    </message>
    <message>
        <source>Supports on the rack, best first</source>
        <translation>Auflagen im Regal, die beste zuerst</translation>
    </message>
    <message>
        <source>the bed</source>
        <translation>der Tisch</translation>
    </message>
    <message>
        <source>Your choice will do</source>
        <translation>Ihre Wahl passt</translation>
    </message>
    <message>
        <source>Tooling</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>The force would go through the rolling elements.</source>
        <translation>Die Kraft ginge durch die Wälzkörper.</translation>
    </message>
    <message>
        <source>It goes through the rolling elements: the bearing is scrap.</source>
        <translation>Sie geht durch die Wälzkörper: Das Lager ist Schrott.</translation>
    </message>
    <message>
        <source>Why not</source>
        <translation>Warum nicht</translation>
    </message>
    <message>
        <source>Stop: do not press with this stack.</source>
        <translation>Halt: mit diesem Aufbau nicht pressen.</translation>
    </message>
    <message>
        <source>It must be made first.</source>
        <translation>Es muss erst gefertigt werden.</translation>
    </message>
    <message>
        <source>Take {tool}</source>
        <translation>{tool} nehmen</translation>
    </message>
    <message>
        <source>Take this stack</source>
        <translation>Diesen Aufbau nehmen</translation>
    </message>
    <message>
        <source>It lets go suddenly: guard it, stand out of the line of force.</source>
        <translation>Es löst sich schlagartig: abschirmen, nicht in der Kraftlinie stehen.</translation>
    </message>
    <message>
        <source>May take up to</source>
        <translation>Braucht vielleicht bis</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>How, and what to watch</source>
        <translation>Wie, und worauf zu achten ist</translation>
    </message>
    <message>
        <source>Use this method</source>
        <translation>Dieses Verfahren verwenden</translation>
    </message>
    <message>
        <source>Nothing on the rack fits</source>
        <translation>Nichts im Regal passt</translation>
    </message>
    <message>
        <source>for this seat, with its drawing</source>
        <translation>für diesen Sitz, mit Zeichnung</translation>
    </message>
    <message>
        <source>Setups, best first</source>
        <translation>Aufbauten, den besten zuerst</translation>
    </message>
    <message>
        <source>Judged for</source>
        <translation>Ausgelegt für</translation>
    </message>
    <message>
        <source>Greatest force</source>
        <translation>Größte Kraft</translation>
    </message>
    <message>
        <source>Axial static load rating C0a</source>
        <translation>Axiale statische Tragzahl C0a</translation>
    </message>
    <message>
        <source>A tool is not on the rack</source>
        <translation>Ein Werkzeug ist nicht im Regal</translation>
    </message>
    <message>
        <source>The force is not known</source>
        <translation>Die Kraft ist nicht bekannt</translation>
    </message>
    <message>
        <source>its sizes are missing, or it is held by its rubber</source>
        <translation>Maße fehlen, oder es wird von Gummi gehalten</translation>
    </message>
    <message>
        <source>{tool}, to be made</source>
        <translation>{tool}, zu fertigen</translation>
    </message>
    <message>
        <source>{sizes} from round bar {bar}, {length} long</source>
        <translation>{sizes} aus Rundstahl {bar}, {length} lang</translation>
    </message>
    <message>
        <source>Outside, limits</source>
        <translation>Außen, Grenzmaße</translation>
    </message>
    <message>
        <source>Bore, limits</source>
        <translation>Bohrung, Grenzmaße</translation>
    </message>
    <message>
        <source>Head diameter</source>
        <translation>Kopfdurchmesser</translation>
    </message>
    <message>
        <source>Faces square within</source>
        <translation>Stirnflächen rechtwinklig auf</translation>
    </message>
    <message>
        <source>Chamfer</source>
        <translation>Fase</translation>
    </message>
    <message>
        <source>Round bar</source>
        <translation>Rundstahl</translation>
    </message>
    <message>
        <source>Bar length</source>
        <translation>Stangenlänge</translation>
    </message>
    <message>
        <source>Of the face it covers</source>
        <translation>Von der gedeckten Fläche</translation>
    </message>
    <message>
        <source>{part}, {source}</source>
        <translation>{part}, {source}</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>To press at {time}</source>
        <translation>Zu pressen um {time}</translation>
    </message>
    <message>
        <source>{time}, overdue</source>
        <translation>{time}, überfällig</translation>
    </message>
    <message>
        <source>{part} into the {source}</source>
        <translation>{part} in: {source}</translation>
    </message>
    <message>
        <source>Measure and load after {time}</source>
        <translation>Messen und belasten nach {time}</translation>
    </message>
    <message>
        <source>when both are back at ambient temperature</source>
        <translation>wenn beide wieder Umgebungstemperatur haben</translation>
    </message>
    <message>
        <source>Or: {what}</source>
        <translation>Oder: {what}</translation>
    </message>
    <message>
        <source>up to, lowered: {what}</source>
        <translation>bis, gesenkt: {what}</translation>
    </message>
    <message>
        <source>up to: {what}</source>
        <translation>bis: {what}</translation>
    </message>
    <message>
        <source>down to: {what}</source>
        <translation>hinunter bis: {what}</translation>
    </message>
    <message>
        <source>Setting</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>Surface there after</source>
        <translation>Oberfläche dort nach</translation>
    </message>
    <message>
        <source>Soak</source>
        <translation>Durchwärmen</translation>
    </message>
    <message>
        <source>Temperatures, best first</source>
        <translation>Temperaturen, die beste zuerst</translation>
    </message>
    <message>
        <source>within limits</source>
        <translation>innerhalb der Grenzen</translation>
    </message>
    <message>
        <source>beyond a limit</source>
        <translation>jenseits einer Grenze</translation>
    </message>
    <message>
        <source>Fitting</source>
        <translation>Fügen</translation>
    </message>
    <message>
        <source>Clearance wanted</source>
        <translation>Gewünschtes Fügespiel</translation>
    </message>
    <message>
        <source>Transfer time</source>
        <translation>Transportzeit</translation>
    </message>
    <message>
        <source>Last safe start</source>
        <translation>Spätester sicherer Beginn</translation>
    </message>
    <message>
        <source>stays open</source>
        <translation>bleibt offen</translation>
    </message>
    <message>
        <source>Grips after, at the soonest</source>
        <translation>Klemmt frühestens nach</translation>
    </message>
    <message>
        <source>does not grip</source>
        <translation>klemmt nicht</translation>
    </message>
    <message>
        <source>Grips after, at the latest</source>
        <translation>Klemmt spätestens nach</translation>
    </message>
    <message>
        <source>At ambient temperature after</source>
        <translation>Auf Umgebungstemperatur nach</translation>
    </message>
    <message>
        <source>not within the time looked at</source>
        <translation>nicht in der betrachteten Zeit</translation>
    </message>
    <message>
        <source>Warm &amp; chill</source>
        <translation>Wärmen und Kühlen</translation>
    </message>
    <message>
        <source>Ready to transfer</source>
        <translation>Bereit zum Transport</translation>
    </message>
    <message>
        <source>Soaking</source>
        <translation>Wärmt durch</translation>
    </message>
    <message>
        <source>Temperatures of your own.</source>
        <translation>Eigene Temperaturen.</translation>
    </message>
    <message>
        <source>Time available</source>
        <translation>Verfügbare Zeit</translation>
    </message>
    <message>
        <source>transfer {time}</source>
        <translation>Transport {time}</translation>
    </message>
    <message>
        <source>transfer</source>
        <translation>Transport</translation>
    </message>
    <message>
        <source>Gap after the transfer</source>
        <translation>Spalt nach dem Transport</translation>
    </message>
    <message>
        <source>How long it stays open cannot be worked out</source>
        <translation>Wie lange es offen bleibt, lässt sich nicht berechnen</translation>
    </message>
    <message>
        <source>Do not rely on a time</source>
        <translation>Auf keine Zeit verlassen</translation>
    </message>
    <message>
        <source>Go on: no heating needed</source>
        <translation>Weiter: kein Erwärmen nötig</translation>
    </message>
    <message>
        <source>Start the clock: {source}</source>
        <translation>Uhr starten: {source}</translation>
    </message>
    <message>
        <source>Out of the heat: transfer it now</source>
        <translation>Aus der Wärme: jetzt transportieren</translation>
    </message>
    <message>
        <source>A limit is in the way.</source>
        <translation>Eine Grenze steht im Weg.</translation>
    </message>
    <message>
        <source>Transfer it now</source>
        <translation>Jetzt transportieren</translation>
    </message>
    <message>
        <source>Too late to start</source>
        <translation>Zu spät zum Beginnen</translation>
    </message>
    <message>
        <source>To the press, drop it in, hold it down.</source>
        <translation>Zur Presse, hineinfallen lassen, niederhalten.</translation>
    </message>
    <message>
        <source>The gap is too small: heat it again, or press it.</source>
        <translation>Der Spalt ist zu klein: neu erwärmen oder pressen.</translation>
    </message>
    <message>
        <source>Time left to start</source>
        <translation>Zeit bis zum Beginn</translation>
    </message>
    <message>
        <source>Gap now</source>
        <translation>Spalt jetzt</translation>
    </message>
    <message>
        <source>By thermometer</source>
        <translation>Nach Thermometer</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Dann</translation>
    </message>
    <message>
        <source>If it grips early</source>
        <translation>Wenn es vorzeitig klemmt</translation>
    </message>
    <message>
        <source>stop. Press it out, heat it again.</source>
        <translation>anhalten. Auspressen, neu erwärmen.</translation>
    </message>
    <message>
        <source>Hold it on the shoulder</source>
        <translation>Auf der Schulter halten</translation>
    </message>
    <message>
        <source>It has gripped</source>
        <translation>Es klemmt</translation>
    </message>
    <message>
        <source>Light load: until the gap has closed it can creep back.</source>
        <translation>Leicht belasten: Bis sich der Spalt geschlossen hat, kann es zurückkriechen.</translation>
    </message>
    <message>
        <source>Release it, and let it cool before it is measured.</source>
        <translation>Loslassen und abkühlen lassen, bevor gemessen wird.</translation>
    </message>
    <message>
        <source>Hold it for</source>
        <translation>Halten für</translation>
    </message>
    <message>
        <source>Measure and load</source>
        <translation>Messen und belasten</translation>
    </message>
    <message>
        <source>in {time}</source>
        <translation>in {time}</translation>
    </message>
    <message>
        <source>Holding…</source>
        <translation>Wird gehalten…</translation>
    </message>
    <message>
        <source>It holds</source>
        <translation>Es hält</translation>
    </message>
    <message>
        <source>The gap has not closed yet.</source>
        <translation>Der Spalt hat sich noch nicht geschlossen.</translation>
    </message>
    <message>
        <source>Comes out at room temperature</source>
        <translation>Kommt bei Raumtemperatur heraus</translation>
    </message>
    <message>
        <source>What is heated to remove it, Strip says with the methods.</source>
        <translation>Was zum Ausbau erwärmt wird, sagt Zerlegen bei den Verfahren.</translation>
    </message>
    <message>
        <source>Go on to the press</source>
        <translation>Weiter zum Pressen</translation>
    </message>
    <message>
        <source>Pressed cold</source>
        <translation>Kalt gepresst</translation>
    </message>
    <message>
        <source>No heating, no chilling: straight to the press.</source>
        <translation>Kein Erwärmen, kein Kühlen: gleich zur Presse.</translation>
    </message>
    <message>
        <source>Running times are not sure</source>
        <translation>Laufende Zeiten sind nicht sicher</translation>
    </message>
    <message>
        <source>the computer was restarted since: they go by its wall clock. Measure, do not count.</source>
        <translation>der Rechner wurde inzwischen neu gestartet: Sie gehen nach seiner Uhr. Messen, nicht zählen.</translation>
    </message>
    <message>
        <source>Set up</source>
        <translation>Rüsten</translation>
    </message>
    <message>
        <source>Prove</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>nothing is drawn</source>
        <translation>nichts gezeichnet</translation>
    </message>
    <message>
        <source>the arrangement is invalid</source>
        <translation>die Anordnung ist ungültig</translation>
    </message>
    <message>
        <source>{count} of {all} parts refitted</source>
        <translation>{count} von {all} Teilen wieder eingebaut</translation>
    </message>
    <message>
        <source>{count} of {all} parts out</source>
        <translation>{count} von {all} Teilen heraus</translation>
    </message>
    <message>
        <source>not searched yet</source>
        <translation>noch nicht gesucht</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>nothing fits</source>
        <translation>nichts passt</translation>
    </message>
    <message>
        <source>{driver} on {support}</source>
        <translation>{driver} auf {support}</translation>
    </message>
    <message>
        <source>the force is not known</source>
        <translation>die Kraft ist nicht bekannt</translation>
    </message>
    <message>
        <source>by hand: the seat is loose</source>
        <translation>von Hand: Der Sitz ist lose</translation>
    </message>
    <message>
        <source>nothing to prove</source>
        <translation>nichts nachzuweisen</translation>
    </message>
    <message>
        <source>size missing or invalid</source>
        <translation>Maß fehlt oder ist ungültig</translation>
    </message>
    <message>
        <source>no sizes yet</source>
        <translation>noch keine Maße</translation>
    </message>
    <message>
        <source>{range} loose</source>
        <translation>{range} lose</translation>
    </message>
    <message>
        <source>{range} tight</source>
        <translation>{range} fest</translation>
    </message>
    <message>
        <source>waits for Fit</source>
        <translation>wartet auf Passung</translation>
    </message>
    <message>
        <source>recorded by {who}</source>
        <translation>aufgezeichnet von {who}</translation>
    </message>
    <message>
        <source>not yet recorded</source>
        <translation>noch nicht aufgezeichnet</translation>
    </message>
    <message>
        <source>{verdict} at {force}</source>
        <translation>{verdict} bei {force}</translation>
    </message>
    <message>
        <source>comes out by hand</source>
        <translation>kommt von Hand heraus</translation>
    </message>
    <message>
        <source>goes in by hand</source>
        <translation>geht von Hand hinein</translation>
    </message>
    <message>
        <source>{force}, or warm</source>
        <translation>{force}, oder warm</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>not needed</source>
        <translation>nicht nötig</translation>
    </message>
    <message>
        <source>Not measured yet</source>
        <translation>Noch nicht gemessen</translation>
    </message>
    <message>
        <source>Enter what the gauge shows, place by place.</source>
        <translation>Eingeben, was das Messgerät zeigt, Stelle für Stelle.</translation>
    </message>
    <message>
        <source>Home and square</source>
        <translation>Anliegend und rechtwinklig</translation>
    </message>
    <message>
        <source>Nothing more to do at this seat but the retaining ring.</source>
        <translation>An diesem Sitz fehlt nur noch der Sicherungsring.</translation>
    </message>
    <message>
        <source>Nothing more to do at this seat.</source>
        <translation>An diesem Sitz ist nichts mehr zu tun.</translation>
    </message>
    <message>
        <source>An indicator does not tell whether it is home.</source>
        <translation>Eine Messuhr sagt nicht, ob es anliegt.</translation>
    </message>
    <message>
        <source>Not home</source>
        <translation>Nicht anliegend</translation>
    </message>
    <message>
        <source>{size} short of the shoulder.</source>
        <translation>{size} vor der Schulter.</translation>
    </message>
    <message>
        <source>Cocked</source>
        <translation>Verkantet</translation>
    </message>
    <message>
        <source>High towards {hour} o’clock.</source>
        <translation>Hoch gegen {hour} Uhr.</translation>
    </message>
    <message>
        <source>Readings disagree</source>
        <translation>Ablesungen widersprechen sich</translation>
    </message>
    <message>
        <source>One of them does not lie in the plane of the others.</source>
        <translation>Eine von ihnen liegt nicht in der Ebene der anderen.</translation>
    </message>
    <message>
        <source>stop at contact, no seating load</source>
        <translation>bei Berührung anhalten, nicht nachdrücken</translation>
    </message>
    <message>
        <source>by hand: no seating load</source>
        <translation>von Hand: nicht nachdrücken</translation>
    </message>
    <message>
        <source>final seating load {force}, one dwell</source>
        <translation>Anpresskraft {force}, einmal halten</translation>
    </message>
    <message>
        <source>Not enough readings</source>
        <translation>Zu wenige Ablesungen</translation>
    </message>
    <message>
        <source>A few points on the way and one at the end are needed.</source>
        <translation>Einige Punkte unterwegs und einer am Ende sind nötig.</translation>
    </message>
    <message>
        <source>On the line</source>
        <translation>Auf der Linie</translation>
    </message>
    <message>
        <source>As this seat should press.</source>
        <translation>Wie dieser Sitz pressen soll.</translation>
    </message>
    <message>
        <source>Home</source>
        <translation>Am Anschlag</translation>
    </message>
    <message>
        <source>The force rises sharply at the shoulder, inside the band.</source>
        <translation>Die Kraft steigt an der Schulter steil, innerhalb des Bands.</translation>
    </message>
    <message>
        <source>Not proven home</source>
        <translation>Anschlag nicht bewiesen</translation>
    </message>
    <message>
        <source>Far enough, but no sharp rise: apply the seating load once, then measure.</source>
        <translation>Weit genug, aber kein steiler Anstieg: einmal mit Anpresskraft nachdrücken, dann messen.</translation>
    </message>
    <message>
        <source>Lift it out and check under the ring, or press on if nothing stops it.</source>
        <translation>Abheben und unter dem Ring prüfen, oder weiterpressen, wenn nichts es aufhält.</translation>
    </message>
    <message>
        <source>Stop: shoulder, sleeve or zero is not where it should be.</source>
        <translation>Halt: Schulter, Hülse oder Nullpunkt ist nicht, wo er sein soll.</translation>
    </message>
    <message>
        <source>Something yields: check which ring the sleeve stands on.</source>
        <translation>Etwas gibt nach: prüfen, auf welchem Ring die Hülse steht.</translation>
    </message>
    <message>
        <source>Started cocked</source>
        <translation>Verkantet angesetzt</translation>
    </message>
    <message>
        <source>Stop, lift it out, dress the bore and start again square.</source>
        <translation>Anhalten, abheben, Bohrung entgraten und gerade neu beginnen.</translation>
    </message>
    <message>
        <source>Stop: press it out, check the bore, oil it.</source>
        <translation>Halt: auspressen, Bohrung prüfen, ölen.</translation>
    </message>
    <message>
        <source>Looser than it should be</source>
        <translation>Loser, als er sein soll</translation>
    </message>
    <message>
        <source>The seat will not hold: measure bore and ring again.</source>
        <translation>Der Sitz wird nicht halten: Bohrung und Ring neu messen.</translation>
    </message>
    <message>
        <source>Tighter than it should be</source>
        <translation>Fester, als er sein soll</translation>
    </message>
    <message>
        <source>Dry, too tight or the wrong part: stop and measure.</source>
        <translation>Trocken, zu fest oder das falsche Teil: anhalten und messen.</translation>
    </message>
    <message>
        <source>Stop: check support and stack before another stroke.</source>
        <translation>Halt: Auflage und Aufbau prüfen, erst dann ein weiterer Hub.</translation>
    </message>
    <message>
        <source>Stop: press it out and heat it again, hotter or faster.</source>
        <translation>Halt: auspressen und neu erwärmen, heißer oder schneller.</translation>
    </message>
    <message>
        <source>Bottomed on something</source>
        <translation>Auf etwas aufgelaufen</translation>
    </message>
    <message>
        <source>By sound and eye. Depth all round proves whether it is the shoulder.</source>
        <translation>Nach Klang und Auge. Die Tiefe ringsum beweist, ob es die Schulter ist.</translation>
    </message>
    <message>
        <source>Broke away</source>
        <translation>Gelöst</translation>
    </message>
    <message>
        <source>At {force}.</source>
        <translation>Bei {force}.</translation>
    </message>
    <message>
        <source>lead-in</source>
        <translation>Ansetzen</translation>
    </message>
    <message>
        <source>sliding</source>
        <translation>Gleiten</translation>
    </message>
    <message>
        <source>dwell</source>
        <translation>Halten</translation>
    </message>
    <message>
        <source>Measure at four places or more, evenly round the ring.</source>
        <translation>An vier Stellen oder mehr messen, gleichmäßig rund um den Ring.</translation>
    </message>
    <message>
        <source>Fit a new retaining ring: gap down, sharp edge to the load. Eye protection on.</source>
        <translation>Neuen Sicherungsring einsetzen: Öffnung nach unten, scharfe Kante zur Last. Schutzbrille auf.</translation>
    </message>
    <message>
        <source>Turn it by hand: it must run smoothly. Then write the record.</source>
        <translation>Von Hand drehen: Es muss ruhig laufen. Dann das Protokoll schreiben.</translation>
    </message>
    <message>
        <source>Measure the depth at three places, or keep a trace of the press.</source>
        <translation>Tiefe an drei Stellen messen, oder einen Verlauf der Pressung behalten.</translation>
    </message>
    <message>
        <source>Put the sleeve back and press again with one seating load. If it does not move, lift it out and check under the ring.</source>
        <translation>Hülse wieder aufsetzen und einmal mit Anpresskraft nachdrücken. Bewegt es sich nicht, abheben und unter dem Ring prüfen.</translation>
    </message>
    <message>
        <source>Press again with a true sleeve; if the high side stays at {hour} o’clock, lift it out and check for a chip there.</source>
        <translation>Mit einer planen Hülse noch einmal pressen; bleibt die hohe Seite bei {hour} Uhr, abheben und dort auf einen Span prüfen.</translation>
    </message>
    <message>
        <source>Wipe the face and measure again at {hour} o’clock.</source>
        <translation>Fläche abwischen und bei {hour} Uhr neu messen.</translation>
    </message>
    <message>
        <source>Check the gauge&apos;s zero and the sizes, then measure again.</source>
        <translation>Nullpunkt des Messgeräts und Maße prüfen, dann neu messen.</translation>
    </message>
    <message>
        <source>The {part} cannot be assembled as drawn</source>
        <translation>{part}: lässt sich nicht bauen, wie gezeichnet</translation>
    </message>
    <message>
        <source>{size} of the ring’s back face can be reached from behind</source>
        <translation>{size} der Rückfläche des Rings sind von hinten erreichbar</translation>
    </message>
    <message>
        <source>only {size} of its back face can be reached from behind</source>
        <translation>nur {size} seiner Rückfläche sind von hinten erreichbar</translation>
    </message>
    <message>
        <source>nothing of its back face can be reached from behind</source>
        <translation>von seiner Rückfläche ist von hinten nichts erreichbar</translation>
    </message>
    <message>
        <source>only the other ring can be reached from behind: the force passes through the rolling elements, so only for a bearing that is scrap; a split inner ring may part</source>
        <translation>von hinten ist nur der andere Ring erreichbar: Die Kraft geht durch die Wälzkörper, also nur für ein Lager, das Schrott ist; ein geteilter Innenring kann auseinandergehen</translation>
    </message>
    <message>
        <source>a bolt up to {size} goes right through, with a disc behind the ring</source>
        <translation>eine Schraube bis {size} geht ganz durch, mit einer Scheibe hinter dem Ring</translation>
    </message>
    <message>
        <source>no space for a bolt right through</source>
        <translation>kein Platz für eine durchgehende Schraube</translation>
    </message>
    <message>
        <source>plates or jaws get {size} behind it</source>
        <translation>Platten oder Backen kommen {size} dahinter</translation>
    </message>
    <message>
        <source>plates or jaws have all the space they need behind it</source>
        <translation>Platten oder Backen haben dahinter allen Platz, den sie brauchen</translation>
    </message>
    <message>
        <source>no gap behind it for a knife edge</source>
        <translation>dahinter kein Spalt für eine Schneide</translation>
    </message>
    <message>
        <source>the {ring} sits in a bore, plates cannot get round it</source>
        <translation>{ring} sitzt in einer Bohrung, Platten kommen nicht herum</translation>
    </message>
    <message>
        <source>the shoulder has notches: drive it crosswise, side to side</source>
        <translation>die Schulter hat Kerben: über Kreuz austreiben, von Seite zu Seite</translation>
    </message>
    <message>
        <source>push the spacer tube aside, then {size} of a ring can be reached behind it: side to side, a little at a time; what is struck is scrap</source>
        <translation>Distanzhülse zur Seite schieben, dann sind dahinter {size} eines Rings erreichbar: von Seite zu Seite, immer ein wenig; was geschlagen wird, ist Schrott</translation>
    </message>
    <message>
        <source>tap round under its rim, which stands {size} over the edge</source>
        <translation>ringsum unter seinen Rand klopfen, der {size} über die Kante steht</translation>
    </message>
    <message>
        <source>the collet grips in its {size} bore; what it gripped is scrap</source>
        <translation>die Spannzange greift in seiner Bohrung {size}; was sie greift, ist Schrott</translation>
    </message>
    <message>
        <source>its bore is not free</source>
        <translation>seine Bohrung ist nicht frei</translation>
    </message>
    <message>
        <source>the {ring} sits on the outside</source>
        <translation>{ring} sitzt außen</translation>
    </message>
    <message>
        <source>heat the {partner} evenly and let it drop out</source>
        <translation>{partner} gleichmäßig erwärmen und es herausfallen lassen</translation>
    </message>
    <message>
        <source>heat the {ring} quickly and let it drop off</source>
        <translation>{ring} schnell erwärmen und abfallen lassen</translation>
    </message>
    <message>
        <source>a seal or encoder would be overheated</source>
        <translation>eine Dichtung oder ein Geber würde überhitzt</translation>
    </message>
    <message>
        <source>grinding would cut the seat</source>
        <translation>das Schleifen träfe den Sitz</translation>
    </message>
    <message>
        <source>the {ring} is not a ring</source>
        <translation>{ring} ist kein Ring</translation>
    </message>
    <message>
        <source>Separator plates</source>
        <translation>Trennplatten</translation>
    </message>
    <message>
        <source>Soft drift and hammer</source>
        <translation>Weicher Durchtreiber und Hammer</translation>
    </message>
    <message>
        <source>Internal collet, slide hammer</source>
        <translation>Spannzange, Gleithammer</translation>
    </message>
    <message>
        <source>Hot air or induction heater, gloves</source>
        <translation>Heißluft oder Induktionserwärmer, Handschuhe</translation>
    </message>
    <message>
        <source>Grinding disc, chisel, face shield</source>
        <translation>Trennscheibe, Meißel, Gesichtsschutz</translation>
    </message>
    <message>
        <source>Encoder up</source>
        <translation>Geber oben</translation>
    </message>
    <message>
        <source>Encoder down</source>
        <translation>Geber unten</translation>
    </message>
    <message>
        <source>Large end of the taper up</source>
        <translation>Großes Ende des Kegels oben</translation>
    </message>
    <message>
        <source>Large end of the taper down</source>
        <translation>Großes Ende des Kegels unten</translation>
    </message>
    <message>
        <source>the wide opening; the cones go in from there</source>
        <translation>die weite Öffnung; von dort kommen die Innenringe hinein</translation>
    </message>
    <message>
        <source>Spring side of the seal up</source>
        <translation>Federseite der Dichtung oben</translation>
    </message>
    <message>
        <source>Spring side of the seal down</source>
        <translation>Federseite der Dichtung unten</translation>
    </message>
    <message>
        <source>Sharp edge of the ring up</source>
        <translation>Scharfe Kante des Rings oben</translation>
    </message>
    <message>
        <source>Sharp edge of the ring down</source>
        <translation>Scharfe Kante des Rings unten</translation>
    </message>
    <message>
        <source>it takes the load; the rounded, stamped edge faces the bearing’s free side</source>
        <translation>sie nimmt die Last; die gerundete, gestanzte Kante zeigt zur freien Seite des Lagers</translation>
    </message>
    <message>
        <source>Large-radius side of the ring up</source>
        <translation>Seite des Rings mit großem Radius oben</translation>
    </message>
    <message>
        <source>Large-radius side of the ring down</source>
        <translation>Seite des Rings mit großem Radius unten</translation>
    </message>
    <message>
        <source>Pilot side up</source>
        <translation>Zentrierseite oben</translation>
    </message>
    <message>
        <source>Pilot side down</source>
        <translation>Zentrierseite unten</translation>
    </message>
    <message>
        <source>the stepped face; the wrong way round it stops short</source>
        <translation>die abgesetzte Fläche; falsch herum bleibt es zu früh stehen</translation>
    </message>
    <message>
        <source>Separator with press or puller</source>
        <translation>Trennvorrichtung mit Presse oder Abzieher</translation>
    </message>
    <message>
        <source>Drift</source>
        <translation>Durchtreiber</translation>
    </message>
    <message>
        <source>Internal collet or hook, slide hammer</source>
        <translation>Spannzange oder Haken, Gleithammer</translation>
    </message>
    <message>
        <source>Heat</source>
        <translation>Erwärmen</translation>
    </message>
    <message>
        <source>Grind and split</source>
        <translation>Schleifen und sprengen</translation>
    </message>
    <message>
        <source>one-shouldered bore</source>
        <translation>Bohrung mit einer Schulter</translation>
    </message>
    <message>
        <source>bore, by draw bolt</source>
        <translation>Bohrung, mit Zugschraube</translation>
    </message>
    <message>
        <source>two cups in a hub</source>
        <translation>zwei Außenringe in einer Nabe</translation>
    </message>
    <message>
        <source>pair on a spacer</source>
        <translation>Paar auf Distanzhülse</translation>
    </message>
    <message>
        <source>light roller</source>
        <translation>leichte Rolle</translation>
    </message>
    <message>
        <source>bearing and collar</source>
        <translation>Lager und Klemmring</translation>
    </message>
    <message>
        <source>carrier plate</source>
        <translation>Trägerplatte</translation>
    </message>
    <message>
        <source>adjustable hub</source>
        <translation>einstellbare Nabe</translation>
    </message>
    <message>
        <source>shaft in a tube</source>
        <translation>Welle in einem Rohr</translation>
    </message>
    <message>
        <source>seals and caps</source>
        <translation>Dichtungen und Kappen</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>light rust</source>
        <translation>leichter Rost</translation>
    </message>
    <message>
        <source>heavy rust</source>
        <translation>starker Rost</translation>
    </message>
    <message>
        <source>Guard up; stand clear of the line of force: it lets go suddenly.</source>
        <translation>Schutz davor; nicht in der Kraftlinie stehen: Es löst sich schlagartig.</translation>
    </message>
    <message>
        <source>Hand wrench only, and stand clear of the bolt’s line.</source>
        <translation>Nur Handschlüssel, und nicht in der Linie der Schraube stehen.</translation>
    </message>
    <message>
        <source>Eye protection and guard: a hardened ring between plates can shatter.</source>
        <translation>Schutzbrille und Schutz davor: Ein gehärteter Ring zwischen Platten kann zerspringen.</translation>
    </message>
    <message>
        <source>Eye protection; keep fingers from between hammer and stop.</source>
        <translation>Schutzbrille; Finger nicht zwischen Hammer und Anschlag.</translation>
    </message>
    <message>
        <source>Gloves; no torch near grease, solvent, sealed or pressurised cavities; not on galvanised or magnesium parts.</source>
        <translation>Handschuhe; keine Flamme bei Fett, Lösemittel, geschlossenen oder unter Druck stehenden Hohlräumen; nicht an verzinkten oder Magnesiumteilen.</translation>
    </message>
    <message>
        <source>Eye and face protection: the ring flies when it splits. Keep sparks from grease and solvent.</source>
        <translation>Augen- und Gesichtsschutz: Der Ring fliegt, wenn er springt. Funken von Fett und Lösemittel fernhalten.</translation>
    </message>
    <message>
        <source>If the ring breaks</source>
        <translation>Wenn der Ring bricht</translation>
    </message>
    <message>
        <source>Pick the stump out of its groove from the gap with a hooked scriber; count the pieces before you go on.</source>
        <translation>Den Rest mit einer Hakennadel von der Öffnung her aus seiner Nut holen; die Stücke zählen, bevor es weitergeht.</translation>
    </message>
    <message>
        <source>Carry it on the face of the {part}</source>
        <translation>Tragen auf der Fläche: {part}</translation>
    </message>
    <message>
        <source>{size} of it are free round the ring: not on studs, not on a thin flange.</source>
        <translation>{size} davon sind ringsum frei: nicht auf Bolzen, nicht auf einem dünnen Flansch.</translation>
    </message>
    <message>
        <source>Support the inner ring</source>
        <translation>Innenring unterstützen</translation>
    </message>
    <message>
        <source>or the force passes through the rolling elements.</source>
        <translation>sonst geht die Kraft durch die Wälzkörper.</translation>
    </message>
    <message>
        <source>Keep the old outer ring</source>
        <translation>Alten Außenring aufheben</translation>
    </message>
    <message>
        <source>Its outside ground undersize, it presses the new one home: pressed, never struck, eye protection on.</source>
        <translation>Außen auf Untermaß geschliffen presst er den neuen ein: nur pressen, nie schlagen, Schutzbrille auf.</translation>
    </message>
    <message>
        <source>Grease, {least} to {most} g</source>
        <translation>Fett, {least} bis {most} g</translation>
    </message>
    <message>
        <source>fills 1/3 to 1/2 of the free volume; {full} g fill all of it</source>
        <translation>füllt 1/3 bis 1/2 des freien Volumens; {full} g füllen es ganz</translation>
    </message>
    <message>
        <source>to remove a ring</source>
        <translation>um einen Ring auszubauen</translation>
    </message>
    <message>
        <source>new; the old one only if flat, springy and unworn</source>
        <translation>neu; der alte nur, wenn plan, federnd und unverschlissen</translation>
    </message>
    <message>
        <source>new, or the old one if it is sound</source>
        <translation>neu, oder der alte, wenn er gesund ist</translation>
    </message>
    <message>
        <source>In line with {what}</source>
        <translation>Fluchtend mit {what}</translation>
    </message>
    <message>
        <source>{side}, in line with {what}</source>
        <translation>{side}, fluchtend mit {what}</translation>
    </message>
    <message>
        <source>The {part} cannot come out yet: {parts} in the way on both sides</source>
        <translation>{part} kann noch nicht heraus: auf beiden Seiten im Weg ist {parts}</translation>
    </message>
    <message>
        <source>The {part} cannot come out yet. Upward in the way: {above}. Downward: {below}</source>
        <translation>{part} kann noch nicht heraus. Nach oben im Weg: {above}. Nach unten: {below}</translation>
    </message>
    <message>
        <source>There is no access for the {part} any more; in the way: {parts}</source>
        <translation>Zu {part} ist kein Zugang mehr; im Weg: {parts}</translation>
    </message>
    <message>
        <source>Rock</source>
        <translation>Kippen</translation>
    </message>
    <message>
        <source>Rock it across the axis, by hand or with a bar: feel for play.</source>
        <translation>Quer zur Achse kippen, von Hand oder mit einer Stange: auf Spiel fühlen.</translation>
    </message>
    <message>
        <source>play: worn raceways, a loose seat, or end play that was never set</source>
        <translation>Spiel: verschlissene Laufbahnen, loser Sitz, oder Axialspiel, das nie eingestellt wurde</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Turn it slowly by hand: feel for roughness and tight spots.</source>
        <translation>Langsam von Hand drehen: auf Rauheit und schwere Stellen fühlen.</translation>
    </message>
    <message>
        <source>roughness: dented or flaked raceways; even notches at element pitch mean force went through the rolling elements</source>
        <translation>Rauheit: Laufbahnen mit Eindrücken oder Abblätterungen; gleichmäßige Rasten im Wälzkörperabstand heißen, dass Kraft durch die Wälzkörper ging</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>Spin it up, listen with a rod on the housing.</source>
        <translation>Hochdrehen, mit einem Stab am Gehäuse hören.</translation>
    </message>
    <message>
        <source>noise: damage or dirt in the raceways, dry grease, or a ring that creeps</source>
        <translation>Geräusch: Schaden oder Schmutz in den Laufbahnen, trockenes Fett, oder ein wandernder Ring</translation>
    </message>
    <message>
        <source>After a run, compare the housing’s temperature with its neighbour.</source>
        <translation>Nach einem Lauf die Gehäusetemperatur mit der des Nachbarn vergleichen.</translation>
    </message>
    <message>
        <source>heat: no clearance left, too much grease, or preload</source>
        <translation>Wärme: keine Lagerluft mehr, zu viel Fett, oder Vorspannung</translation>
    </message>
    <message>
        <source>Leak</source>
        <translation>Undicht</translation>
    </message>
    <message>
        <source>Check the seals for grease, oil or water.</source>
        <translation>Dichtungen auf Fett, Öl oder Wasser prüfen.</translation>
    </message>
    <message>
        <source>a leak: the seal or what it runs on is worn; water inside means rust pits</source>
        <translation>undicht: Dichtung oder Lauffläche ist verschlissen; Wasser innen heißt Rostnarben</translation>
    </message>
    <message>
        <source>Stack is too tall</source>
        <translation>Aufbau ist zu hoch</translation>
    </message>
    <message>
        <source>{value} times its width, {limit} allowed: it can kick out</source>
        <translation>das {value}-fache seiner Breite, zulässig {limit}: Er kann ausknicken</translation>
    </message>
    <message>
        <source>Too many loose spacers</source>
        <translation>Zu viele lose Zwischenstücke</translation>
    </message>
    <message>
        <source>{value}, at most {limit}</source>
        <translation>{value}, höchstens {limit}</translation>
    </message>
    <message>
        <source>Ram runs out before home</source>
        <translation>Hub endet vor dem Anschlag</translation>
    </message>
    <message>
        <source>{value} needed with the reserve, stroke {limit}</source>
        <translation>{value} mit Reserve nötig, Hub {limit}</translation>
    </message>
    <message>
        <source>Stack does not go under the ram</source>
        <translation>Aufbau geht nicht unter den Stößel</translation>
    </message>
    <message>
        <source>{value} with clearance to put it in, daylight {limit}</source>
        <translation>{value} mit Luft zum Einsetzen, lichte Höhe {limit}</translation>
    </message>
    <message>
        <source>{part} is too small</source>
        <translation>{part} ist zu klein</translation>
    </message>
    <message>
        <source>{value} may be needed, its capacity is {limit}</source>
        <translation>{value} können nötig sein, Tragkraft {limit}</translation>
    </message>
    <message>
        <source>Needs spacer {part}</source>
        <translation>Braucht Zwischenstück {part}</translation>
    </message>
    <message>
        <source>{value} more height</source>
        <translation>{value} mehr Höhe</translation>
    </message>
    <message>
        <source>One stroke</source>
        <translation>Ein Hub</translation>
    </message>
    <message>
        <source>{value} of {limit} used</source>
        <translation>{value} von {limit} benutzt</translation>
    </message>
    <message>
        <source>Two strokes: stop at {value} and put in {part}</source>
        <translation>Zwei Hübe: bei {value} anhalten und {part} einlegen</translation>
    </message>
    <message>
        <source>{limit} engaged length by then, the ring stands by itself</source>
        <translation>bis dahin {limit} im Eingriff, der Ring steht von selbst</translation>
    </message>
    <message>
        <source>{part} has too little throat</source>
        <translation>{part} hat zu wenig Ausladung</translation>
    </message>
    <message>
        <source>the work reaches {value} from its axis, the frame stands at {limit}</source>
        <translation>das Werkstück reicht {value} von seiner Achse, das Gestell steht bei {limit}</translation>
    </message>
    <message>
        <source>The bolt does not go through {part}</source>
        <translation>Die Schraube geht nicht durch {part}</translation>
    </message>
    <message>
        <source>Ø{value} against Ø{limit}</source>
        <translation>Ø{value} gegen Ø{limit}</translation>
    </message>
    <message>
        <source>{part} is too short</source>
        <translation>{part} ist zu kurz</translation>
    </message>
    <message>
        <source>{value} between the nuts, {limit} there</source>
        <translation>{value} zwischen den Muttern, vorhanden {limit}</translation>
    </message>
    <message>
        <source>{part} would yield</source>
        <translation>{part} würde fließen</translation>
    </message>
    <message>
        <source>{value} with torsion, {limit} allowed</source>
        <translation>{value} mit Torsion, zulässig {limit}</translation>
    </message>
    <message>
        <source>The thread of {part} may strip</source>
        <translation>Das Gewinde von {part} kann ausreißen</translation>
    </message>
    <message>
        <source>{value} needed, {limit} with safety</source>
        <translation>{value} nötig, {limit} mit Sicherheit</translation>
    </message>
    <message>
        <source>{value} by hand at the wrench of {part}</source>
        <translation>{value} von Hand am Schlüssel von {part}</translation>
    </message>
    <message>
        <source>more than a hand holds steadily: a thrust bearing, a longer wrench or a hollow ram; no impact wrench</source>
        <translation>mehr, als eine Hand ruhig hält: Axiallager, längerer Schlüssel oder Hohlkolben; kein Schlagschrauber</translation>
    </message>
    <message>
        <source>The split inner ring would part</source>
        <translation>Der geteilte Innenring ginge auseinander</translation>
    </message>
    <message>
        <source>one half is pushed, the other is held by its rolling elements</source>
        <translation>eine Hälfte wird gedrückt, die andere halten ihre Wälzkörper</translation>
    </message>
    <message>
        <source>Dents about {value} deep, at the pitch of the rolling elements</source>
        <translation>Eindrücke, etwa {value} tief, im Abstand der Wälzkörper</translation>
    </message>
    <message>
        <source>{limit} is what the static rating allows</source>
        <translation>{limit} lässt die statische Tragzahl zu</translation>
    </message>
    <message>
        <source>Covers only {share} of the {part}</source>
        <translation>Deckt nur {share} von {part}</translation>
    </message>
    <message>
        <source>Covers {share} of the {part}</source>
        <translation>Deckt {share} von {part}</translation>
    </message>
    <message>
        <source>that edge carries nothing</source>
        <translation>diese Kante trägt nichts</translation>
    </message>
    <message>
        <source>its free face, clear of seal and bore</source>
        <translation>seine freie Fläche, ohne Dichtung und Bohrung zu berühren</translation>
    </message>
    <message>
        <source>Too small: would push the {part}</source>
        <translation>Zu klein: würde drücken auf {part}</translation>
    </message>
    <message>
        <source>overlaps it by {value} on the radius</source>
        <translation>überdeckt es im Radius um {value}</translation>
    </message>
    <message>
        <source>Close to the {part}</source>
        <translation>Nahe an {part}</translation>
    </message>
    <message>
        <source>{value} clearance on the radius: centre it well</source>
        <translation>{value} Luft im Radius: gut zentrieren</translation>
    </message>
    <message>
        <source>Too small: on the {part} only</source>
        <translation>Zu klein: nur auf {part}</translation>
    </message>
    <message>
        <source>Ø{value} lies inside the face at Ø{limit}</source>
        <translation>Ø{value} liegt innerhalb der Fläche bei Ø{limit}</translation>
    </message>
    <message>
        <source>Too large: on the {part} only</source>
        <translation>Zu groß: nur auf {part}</translation>
    </message>
    <message>
        <source>it does not reach in to the face at Ø{limit}</source>
        <translation>es reicht nicht hinein bis zur Fläche bei Ø{limit}</translation>
    </message>
    <message>
        <source>Catches on the {part}</source>
        <translation>Bleibt hängen an {part}</translation>
    </message>
    <message>
        <source>{value} in its way down</source>
        <translation>{value} im Weg nach unten</translation>
    </message>
    <message>
        <source>Too large: catches in the bore</source>
        <translation>Zu groß: bleibt in der Bohrung hängen</translation>
    </message>
    <message>
        <source>{value} too large for Ø{limit} with running clearance</source>
        <translation>{value} zu groß für Ø{limit} mit Laufspiel</translation>
    </message>
    <message>
        <source>Too short: stops {value} before the end</source>
        <translation>Zu kurz: {value} vor dem Ende</translation>
    </message>
    <message>
        <source>what stands on it meets the {part}</source>
        <translation>was darauf steht, trifft auf {part}</translation>
    </message>
    <message>
        <source>Too small: drops past the {part}</source>
        <translation>Zu klein: fällt vorbei an {part}</translation>
    </message>
    <message>
        <source>Ø{value} lies inside its face at Ø{limit}</source>
        <translation>Ø{value} liegt innerhalb seiner Fläche bei Ø{limit}</translation>
    </message>
    <message>
        <source>Too large: goes round the {part}</source>
        <translation>Zu groß: geht außen vorbei an {part}</translation>
    </message>
    <message>
        <source>bore Ø{value} passes its face at Ø{limit}</source>
        <translation>Bohrung Ø{value} geht an seiner Fläche bei Ø{limit} vorbei</translation>
    </message>
    <message>
        <source>Pushes the {part} along</source>
        <translation>Schiebt mit: {part}</translation>
    </message>
    <message>
        <source>both faces are level and the other ring is free: no load between them</source>
        <translation>beide Flächen sind bündig und der andere Ring ist frei: keine Last dazwischen</translation>
    </message>
    <message>
        <source>Would stand on the {part}</source>
        <translation>Stünde auf {part}</translation>
    </message>
    <message>
        <source>{value} of it lie under the edge</source>
        <translation>{value} davon liegen unter der Kante</translation>
    </message>
    <message>
        <source>Start it square within {value} across</source>
        <translation>Gerade ansetzen, auf {value} quer</translation>
    </message>
    <message>
        <source>{angle} arc-min: what chamfer and lead-in leave; over that its edge shaves the bore</source>
        <translation>{angle} Winkelminuten: was Fase und Einführschräge lassen; darüber schabt seine Kante die Bohrung</translation>
    </message>
    <message>
        <source>Keep it square by hand for the first {value}</source>
        <translation>Auf den ersten {value} von Hand gerade halten</translation>
    </message>
    <message>
        <source>up to there it can wedge in its {limit} of clearance</source>
        <translation>bis dahin kann es sich in {limit} Spiel verkeilen</translation>
    </message>
    <message>
        <source>it must not be loaded</source>
        <translation>es darf nicht belastet werden</translation>
    </message>
    <message>
        <source>{part} has only the edge of the work</source>
        <translation>{part} hat nur den Rand des Werkstücks</translation>
    </message>
    <message>
        <source>{value} wide, at least {limit}</source>
        <translation>{value} breit, mindestens {limit}</translation>
    </message>
    <message>
        <source>The {part} lies on two beams</source>
        <translation>{part} liegt auf zwei Balken</translation>
    </message>
    <message>
        <source>a gap of {value} carries nothing: a ring under its rim</source>
        <translation>ein Spalt von {value} trägt nichts: einen Ring unter den Rand</translation>
    </message>
    <message>
        <source>{part} does not carry the work</source>
        <translation>{part} trägt das Werkstück nicht</translation>
    </message>
    <message>
        <source>Too low for the {part}</source>
        <translation>Zu niedrig für {part}</translation>
    </message>
    <message>
        <source>{value} missing above the bed</source>
        <translation>über dem Tisch fehlen {value}</translation>
    </message>
    <message>
        <source>No clearance below: the {part} is in the way</source>
        <translation>Unten kein Platz: {part} ist im Weg</translation>
    </message>
    <message>
        <source>{value} of {limit} travel are missing</source>
        <translation>es fehlen {value} von {limit} Weg</translation>
    </message>
    <message>
        <source>{part} does not go behind the ring</source>
        <translation>{part} geht nicht hinter den Ring</translation>
    </message>
    <message>
        <source>its knife edge is {limit} high</source>
        <translation>seine Schneide ist {limit} hoch</translation>
    </message>
    <message>
        <source>The {part} hangs by its rolling elements</source>
        <translation>{part} hängt an seinen Wälzkörpern</translation>
    </message>
    <message>
        <source>back it up from below: that is where the push arrives</source>
        <translation>von unten unterstützen: dort kommt der Druck an</translation>
    </message>
    <message>
        <source>nothing holds it from below: the bearing is scrap after this</source>
        <translation>von unten hält es nichts: Danach ist das Lager Schrott</translation>
    </message>
    <message>
        <source>Stop at contact, {value}: no seating load</source>
        <translation>Bei Berührung anhalten, {value}: nicht nachdrücken</translation>
    </message>
    <message>
        <source>what stops it passes the load on through the rolling elements</source>
        <translation>was es aufhält, gibt die Last durch die Wälzkörper weiter</translation>
    </message>
    <message>
        <source>the load would go through the {part}</source>
        <translation>die Last ginge durch {part}</translation>
    </message>
    <message>
        <source>Nothing stops it: to depth, {value} of travel</source>
        <translation>Nichts hält es auf: auf Tiefe, {value} Weg</translation>
    </message>
    <message>
        <source>no shoulder below it</source>
        <translation>darunter keine Schulter</translation>
    </message>
    <message>
        <source>Nothing stops it at home, {value} of travel</source>
        <translation>Nichts hält es am Anschlag auf, {value} Weg</translation>
    </message>
    <message>
        <source>the {part} stands {limit} further on: it does not touch</source>
        <translation>{part} steht {limit} weiter: keine Berührung</translation>
    </message>
    <message>
        <source>{part} is overloaded</source>
        <translation>{part} ist überlastet</translation>
    </message>
    <message>
        <source>{value} on its face, {limit} allowed</source>
        <translation>{value} auf der Fläche, zulässig {limit}</translation>
    </message>
    <message>
        <source>{part} would buckle</source>
        <translation>{part} würde knicken</translation>
    </message>
    <message>
        <source>carries {value} of its column load, {limit} allowed</source>
        <translation>trägt {value} seiner Knicklast, zulässig {limit}</translation>
    </message>
    <message>
        <source>{part} falls into what it stands on</source>
        <translation>{part} fällt in das, worauf es steht</translation>
    </message>
    <message>
        <source>Ø{value} goes through Ø{limit}</source>
        <translation>Ø{value} geht durch Ø{limit}</translation>
    </message>
    <message>
        <source>{part} cannot be used</source>
        <translation>{part} ist nicht verwendbar</translation>
    </message>
    <message>
        <source>its thread or strength class is missing</source>
        <translation>Gewinde oder Festigkeitsklasse fehlt</translation>
    </message>
    <message>
        <source>{part} is not a sleeve</source>
        <translation>{part} ist keine Hülse</translation>
    </message>
    <message>
        <source>tried as one all the same</source>
        <translation>trotzdem als solche versucht</translation>
    </message>
    <message>
        <source>{part} is hard and can shatter</source>
        <translation>{part} ist hart und kann zerspringen</translation>
    </message>
    <message>
        <source>pressed only, never struck; eye protection</source>
        <translation>nur pressen, nie schlagen; Schutzbrille</translation>
    </message>
    <message>
        <source>Written on the tool: {part}</source>
        <translation>Auf dem Werkzeug vermerkt: {part}</translation>
    </message>
    <message>
        <source>check it before it is used</source>
        <translation>vor Gebrauch prüfen</translation>
    </message>
    <message>
        <source>{part} would bend</source>
        <translation>{part} würde sich biegen</translation>
    </message>
    <message>
        <source>{value} in its middle, {limit} allowed</source>
        <translation>{value} in der Mitte, zulässig {limit}</translation>
    </message>
    <message>
        <source>{part} did this before</source>
        <translation>{part} tat das schon einmal</translation>
    </message>
    <message>
        <source>by the record of an earlier job</source>
        <translation>nach dem Protokoll eines früheren Auftrags</translation>
    </message>
    <message>
        <source>{part} may not be enough</source>
        <translation>{part} reicht vielleicht nicht</translation>
    </message>
    <message>
        <source>up to {value} may be needed, its capacity is {limit}: heat the housing, or soak it first</source>
        <translation>bis {value} können nötig sein, Tragkraft {limit}: Gehäuse erwärmen, oder erst einwirken lassen</translation>
    </message>
    <message>
        <source>seal</source>
        <translation>Dichtung</translation>
    </message>
    <message>
        <source>lip</source>
        <translation>Lippe</translation>
    </message>
    <message>
        <source>bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>too small</source>
        <translation>zu klein</translation>
    </message>
    <message>
        <source>too large</source>
        <translation>zu groß</translation>
    </message>
    <message>
        <source>too short</source>
        <translation>zu kurz</translation>
    </message>
    <message>
        <source>too weak</source>
        <translation>zu schwach</translation>
    </message>
    <message>
        <source>closed to the bolt</source>
        <translation>ohne Durchgang für die Schraube</translation>
    </message>
    <message>
        <source>not suitable</source>
        <translation>ungeeignet</translation>
    </message>
    <message>
        <source>Every sleeve on the rack would do.</source>
        <translation>Jede Hülse im Regal würde passen.</translation>
    </message>
    <message numerus="yes">
        <source>%n on the rack do not fit: {groups}.</source>
        <translation>
            <numerusform>%n im Regal passt nicht: {groups}.</numerusform>
            <numerusform>%n im Regal passen nicht: {groups}.</numerusform>
        </translation>
    </message>
    <message>
        <source>press sleeve</source>
        <translation>Einpresshülse</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>stepped adapter</source>
        <translation>Stufenstück</translation>
    </message>
    <message>
        <source>socket</source>
        <translation>Steckeinsatz</translation>
    </message>
    <message>
        <source>old ring, ground</source>
        <translation>alter Ring, geschliffen</translation>
    </message>
    <message>
        <source>support ring</source>
        <translation>Auflagering</translation>
    </message>
    <message>
        <source>receiving sleeve</source>
        <translation>Aufnahmehülse</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>V-blocks</source>
        <translation>Prismen</translation>
    </message>
    <message>
        <source>spacer</source>
        <translation>Zwischenstück</translation>
    </message>
    <message>
        <source>separator</source>
        <translation>Trennvorrichtung</translation>
    </message>
    <message>
        <source>jaw puller</source>
        <translation>Abzieher</translation>
    </message>
    <message>
        <source>internal collet</source>
        <translation>Spannzange</translation>
    </message>
    <message>
        <source>slide hammer</source>
        <translation>Gleithammer</translation>
    </message>
    <message>
        <source>draw-bolt set</source>
        <translation>Zugschraubensatz</translation>
    </message>
    <message>
        <source>hollow ram</source>
        <translation>Hohlkolben</translation>
    </message>
    <message>
        <source>drift</source>
        <translation>Durchtreiber</translation>
    </message>
    <message>
        <source>grinder and chisel</source>
        <translation>Schleifer und Meißel</translation>
    </message>
    <message>
        <source>opens {range}, {height} high</source>
        <translation>öffnet {range}, {height} hoch</translation>
    </message>
    <message>
        <source>opens {range}, reach {reach}</source>
        <translation>öffnet {range}, Reichweite {reach}</translation>
    </message>
    <message>
        <source>Ø{bore} through, stroke {stroke}</source>
        <translation>Ø{bore} Durchgang, Hub {stroke}</translation>
    </message>
    <message>
        <source>{sizes}, pilot Ø{pilot}</source>
        <translation>{sizes}, Zentrierung Ø{pilot}</translation>
    </message>
    <message>
        <source>{id}, {name}: {force}, stroke {stroke}, daylight {daylight}, gap {gap}</source>
        <translation>{id}, {name}: {force}, Hub {stroke}, lichte Höhe {daylight}, Spalt {gap}</translation>
    </message>
    <message>
        <source>{press}, throat {size}</source>
        <translation>{press}, Ausladung {size}</translation>
    </message>
    <message>
        <source>Get the {part} out of the {partner}</source>
        <translation>{part} aus {partner} holen</translation>
    </message>
    <message>
        <source>Get the {part} off the {partner}</source>
        <translation>{part} von {partner} holen</translation>
    </message>
    <message>
        <source>Press the {part} into the {partner}</source>
        <translation>{part} in {partner} einpressen</translation>
    </message>
    <message>
        <source>Press the {part} onto the {partner}</source>
        <translation>{part} auf {partner} aufpressen</translation>
    </message>
    <message>
        <source>jaw puller {tool}</source>
        <translation>Abzieher {tool}</translation>
    </message>
    <message>
        <source>{method}: {tool} with {second}</source>
        <translation>{method}: {tool} mit {second}</translation>
    </message>
    <message>
        <source>{method}: {tool}</source>
        <translation>{method}: {tool}</translation>
    </message>
    <message>
        <source>no stack from the rack</source>
        <translation>kein Aufbau aus dem Regal</translation>
    </message>
    <message>
        <source>{tool} (to be made)</source>
        <translation>{tool} (zu fertigen)</translation>
    </message>
    <message>
        <source>{driver} on {support}, {press}</source>
        <translation>{driver} auf {support}, {press}</translation>
    </message>
    <message>
        <source>{driver} and {support} on draw bolt {bolt} with ram {ram}</source>
        <translation>{driver} und {support} an Zugschraube {bolt} mit Hohlkolben {ram}</translation>
    </message>
    <message>
        <source>{driver} and {support} on draw bolt {bolt}</source>
        <translation>{driver} und {support} an Zugschraube {bolt}</translation>
    </message>
    <message>
        <source>the work itself</source>
        <translation>das Werkstück selbst</translation>
    </message>
    <message>
        <source>pulled, not pressed</source>
        <translation>gezogen, nicht gepresst</translation>
    </message>
    <message>
        <source>push on the {face}, the {held} is carried; the work stands turned over</source>
        <translation>drücken auf {face}, getragen wird {held}; das Werkstück steht gewendet</translation>
    </message>
    <message>
        <source>push on the {face}, the {held} is carried</source>
        <translation>drücken auf {face}, getragen wird {held}</translation>
    </message>
    <message>
        <source>the work, {part} carried</source>
        <translation>das Werkstück, getragen: {part}</translation>
    </message>
    <message>
        <source>{face}, to go</source>
        <translation>noch: {face}</translation>
    </message>
    <message>
        <source>Bolt head below the work, turned nut on the driver</source>
        <translation>Schraubenkopf unter dem Werkstück, gedrehte Mutter am Druckstück</translation>
    </message>
    <message>
        <source>Bolt head below the work, turned nut on the work</source>
        <translation>Schraubenkopf unter dem Werkstück, gedrehte Mutter am Werkstück</translation>
    </message>
    <message>
        <source>pilots into their bores before the nut is run down</source>
        <translation>Zentrierungen in ihre Bohrungen, bevor die Mutter angezogen wird</translation>
    </message>
    <message>
        <source>Ram at {pressure} at most</source>
        <translation>Hohlkolben bei höchstens {pressure}</translation>
    </message>
    <message>
        <source>{pressure} on a gauge in bar</source>
        <translation>{pressure} auf einem Manometer in bar</translation>
    </message>
    <message>
        <source>Torque up to {torque}</source>
        <translation>Moment bis {torque}</translation>
    </message>
    <message>
        <source>from {torque}, depending on friction; thrust bearing under the turned nut</source>
        <translation>ab {torque}, je nach Reibung; Axiallager unter der gedrehten Mutter</translation>
    </message>
    <message>
        <source>from {torque}, depending on friction; greased washer under the turned nut</source>
        <translation>ab {torque}, je nach Reibung; gefettete Scheibe unter der gedrehten Mutter</translation>
    </message>
    <message>
        <source>Wrench {size} across flats</source>
        <translation>Schlüsselweite {size}</translation>
    </message>
    <message>
        <source>two of them: one holds the head</source>
        <translation>zwei davon: einer hält den Kopf</translation>
    </message>
    <message>
        <source>{force} by hand</source>
        <translation>{force} von Hand</translation>
    </message>
    <message>
        <source>with the wrench of {size}; turned by hand, no impact wrench</source>
        <translation>mit dem Schlüssel von {size}; von Hand gedreht, kein Schlagschrauber</translation>
    </message>
    <message>
        <source>Bolt bears {force}</source>
        <translation>Schraube trägt {force}</translation>
    </message>
    <message>
        <source>90 % of yield with torsion, or the thread in the nut</source>
        <translation>90 % der Streckgrenze mit Torsion, oder das Gewinde der Mutter</translation>
    </message>
    <message>
        <source>Nearest miss: {tool} turned down to Ø{outside} and bored out to Ø{bore} would do</source>
        <translation>Am nächsten dran: {tool}, abgedreht auf Ø{outside} und ausgebohrt auf Ø{bore}, würde passen</translation>
    </message>
    <message>
        <source>Nearest miss: {tool} turned down to Ø{outside} would do</source>
        <translation>Am nächsten dran: {tool}, abgedreht auf Ø{outside}, würde passen</translation>
    </message>
    <message>
        <source>Nearest miss: {tool} bored out to Ø{bore} would do</source>
        <translation>Am nächsten dran: {tool}, ausgebohrt auf Ø{bore}, würde passen</translation>
    </message>
    <message>
        <source>{size} to cut on the diameter</source>
        <translation>{size} im Durchmesser abzunehmen</translation>
    </message>
    <message>
        <source>Press</source>
        <comment>machine</comment>
        <translation>Presse</translation>
    </message>
    <message>
        <source>Bench-side planner for pressing bearings. It advises and does not certify.</source>
        <translation>Planer an der Werkbank zum Pressen von Lagern. Berät und bescheinigt nicht.</translation>
    </message>
    <message>
        <source>a folder of jobs or one job file (*.arbor.json)</source>
        <translation>ein Auftragsordner oder eine Auftragsdatei (*.arbor.json)</translation>
    </message>
    <message>
        <source>where past presses are kept: sqlite:/path/to/file or postgresql://user@host:port/database; otherwise beside the jobs</source>
        <translation>wo frühere Pressungen liegen: sqlite:/Pfad/zur/Datei oder postgresql://Benutzer@Rechner:Port/Datenbank; sonst neben den Aufträgen</translation>
    </message>
    <message>
        <source>write the report of the job and end</source>
        <translation>den Auftragsbericht schreiben und beenden</translation>
    </message>
    <message>
        <source>save a picture of the window and end</source>
        <translation>ein Bild des Fensters sichern und beenden</translation>
    </message>
    <message>
        <source>open the job at: %1</source>
        <translation>den Auftrag öffnen bei: %1</translation>
    </message>
    <message>
        <source>with --station measure, fit, tooling or seat: the line of the list, counted from 1</source>
        <translation>mit --station measure, fit, tooling oder seat: die Zeile der Liste, ab 1 gezählt</translation>
    </message>
    <message>
        <source>with --station fit: what other classes would give</source>
        <translation>mit --station fit: was andere Klassen ergäben</translation>
    </message>
    <message>
        <source>with --station tooling: the tool to be turned</source>
        <translation>mit --station tooling: das zu fertigende Werkzeug</translation>
    </message>
    <message>
        <source>open the bench calculator with this line, for example “limits 62 N7”</source>
        <translation>den Werkbankrechner mit dieser Zeile öffnen, zum Beispiel „limits 62 N7“</translation>
    </message>
    <message>
        <source>with --shot: in the dark theme</source>
        <translation>mit --shot: in dunkler Darstellung</translation>
    </message>
    <message>
        <source>write the route card of the job and end</source>
        <translation>die Laufkarte des Auftrags schreiben und beenden</translation>
    </message>
    <message>
        <source>--station: “%1” is no station; wanted: %2</source>
        <translation>--station: „%1“ ist keine Station; erwartet: %2</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Wie die Arbeitsumgebung</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gepresst</translation>
    </message>
    <message>
        <source>screwed</source>
        <translation>geschraubt</translation>
    </message>
    <message>
        <source>notched</source>
        <translation>gekerbt</translation>
    </message>
    <message>
        <source>shaft</source>
        <translation>Welle</translation>
    </message>
    <message>
        <source>encoder up</source>
        <translation>Geber oben</translation>
    </message>
    <message>
        <source>encoder down</source>
        <translation>Geber unten</translation>
    </message>
    <message>
        <source>large end up</source>
        <translation>großes Ende oben</translation>
    </message>
    <message>
        <source>large end down</source>
        <translation>großes Ende unten</translation>
    </message>
    <message>
        <source>spring side up</source>
        <translation>Federseite oben</translation>
    </message>
    <message>
        <source>spring side down</source>
        <translation>Federseite unten</translation>
    </message>
    <message>
        <source>sharp edge up</source>
        <translation>scharfe Kante oben</translation>
    </message>
    <message>
        <source>sharp edge down</source>
        <translation>scharfe Kante unten</translation>
    </message>
    <message>
        <source>curved side up</source>
        <translation>Radiusseite oben</translation>
    </message>
    <message>
        <source>curved side down</source>
        <translation>Radiusseite unten</translation>
    </message>
    <message>
        <source>pilot side up</source>
        <translation>Zentrierseite oben</translation>
    </message>
    <message>
        <source>pilot side down</source>
        <translation>Zentrierseite unten</translation>
    </message>
    <message>
        <source>housing</source>
        <translation>Gehäuse</translation>
    </message>
    <message>
        <source>hub</source>
        <translation>Nabe</translation>
    </message>
    <message>
        <source>cup</source>
        <translation>Außenring</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>Innenring mit Rollen</translation>
    </message>
    <message>
        <source>spacer tube</source>
        <translation>Distanzhülse</translation>
    </message>
    <message>
        <source>lock collar</source>
        <translation>Klemmring</translation>
    </message>
    <message>
        <source>retainer plate</source>
        <translation>Halteplatte</translation>
    </message>
    <message>
        <source>shield</source>
        <translation>Deckscheibe</translation>
    </message>
    <message>
        <source>wear sleeve</source>
        <translation>Laufhülse</translation>
    </message>
    <message>
        <source>retaining ring</source>
        <translation>Sicherungsring</translation>
    </message>
    <message>
        <source>washer</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>Mutter</translation>
    </message>
    <message>
        <source>pin</source>
        <comment>part</comment>
        <translation>Splint</translation>
    </message>
    <message>
        <source>cap</source>
        <translation>Kappe</translation>
    </message>
    <message>
        <source>way round</source>
        <translation>Einbaulage</translation>
    </message>
    <message>
        <source>the grease of {part}</source>
        <translation>Fett von {part}</translation>
    </message>
    <message>
        <source>the encoder of {part}</source>
        <translation>Geber von {part}</translation>
    </message>
    <message>
        <source>the cage of {part}</source>
        <translation>Käfig von {part}</translation>
    </message>
    <message>
        <source>the hold of its repair sleeve</source>
        <translation>Halt seiner Reparaturhülse</translation>
    </message>
    <message>
        <source>Bearing in a one-shouldered bore, flanged spindle through it</source>
        <translation>Lager in einer Bohrung mit einer Schulter, Flanschzapfen hindurch</translation>
    </message>
    <message>
        <source>Housing</source>
        <translation>Gehäuse</translation>
    </message>
    <message>
        <source>Retaining ring</source>
        <translation>Sicherungsring</translation>
    </message>
    <message>
        <source>Shield</source>
        <translation>Deckscheibe</translation>
    </message>
    <message>
        <source>Flanged spindle</source>
        <translation>Flanschzapfen</translation>
    </message>
    <message>
        <source>As A, done on the machine with a draw bolt: through bore, sensor in the wall</source>
        <translation>Wie A, an der Maschine mit Zugschraube: durchgehende Bohrung, Sensor in der Wand</translation>
    </message>
    <message>
        <source>Flanged hub</source>
        <translation>Flanschnabe</translation>
    </message>
    <message>
        <source>Two taper cups in a hub, cones, seal, washer, castle nut and split pin</source>
        <translation>Zwei Kegelrollenlager in einer Nabe, Dichtung, Scheibe, Kronenmutter und Splint</translation>
    </message>
    <message>
        <source>Hub</source>
        <translation>Nabe</translation>
    </message>
    <message>
        <source>Inner cup</source>
        <translation>Innerer Außenring</translation>
    </message>
    <message>
        <source>Outer cup</source>
        <translation>Äußerer Außenring</translation>
    </message>
    <message>
        <source>Inner cone</source>
        <translation>Innerer Innenring</translation>
    </message>
    <message>
        <source>Outer cone</source>
        <translation>Äußerer Innenring</translation>
    </message>
    <message>
        <source>Lip seal</source>
        <translation>Wellendichtring</translation>
    </message>
    <message>
        <source>Spindle</source>
        <translation>Achszapfen</translation>
    </message>
    <message>
        <source>Tab washer</source>
        <translation>Sicherungsscheibe</translation>
    </message>
    <message>
        <source>Castle nut</source>
        <translation>Kronenmutter</translation>
    </message>
    <message>
        <source>Split pin</source>
        <translation>Splint</translation>
    </message>
    <message>
        <source>Opposed pair clamped through a fixed spacer</source>
        <translation>Angestelltes Paar, über eine feste Distanzhülse geklemmt</translation>
    </message>
    <message>
        <source>Pulley</source>
        <translation>Riemenscheibe</translation>
    </message>
    <message>
        <source>Lower cup</source>
        <translation>Unterer Außenring</translation>
    </message>
    <message>
        <source>Upper cup</source>
        <translation>Oberer Außenring</translation>
    </message>
    <message>
        <source>Lower cone</source>
        <translation>Unterer Innenring</translation>
    </message>
    <message>
        <source>Upper cone</source>
        <translation>Oberer Innenring</translation>
    </message>
    <message>
        <source>Ground spacer</source>
        <translation>Geschliffene Distanzhülse</translation>
    </message>
    <message>
        <source>Shaft</source>
        <translation>Welle</translation>
    </message>
    <message>
        <source>Washer</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>Shaft nut</source>
        <translation>Wellenmutter</translation>
    </message>
    <message>
        <source>Two sealed ball bearings in a light roller with a spacer tube between</source>
        <translation>Zwei abgedichtete Kugellager in einer leichten Rolle, Distanzhülse dazwischen</translation>
    </message>
    <message>
        <source>Roller</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>Lower bearing</source>
        <translation>Unteres Lager</translation>
    </message>
    <message>
        <source>Upper bearing</source>
        <translation>Oberes Lager</translation>
    </message>
    <message>
        <source>Spacer tube</source>
        <translation>Distanzhülse</translation>
    </message>
    <message>
        <source>Bearing and lock collar on a shaft, retainer plate and seal captive behind them</source>
        <translation>Lager und Klemmring auf einer Welle, Halteplatte und Dichtung dahinter gefangen</translation>
    </message>
    <message>
        <source>Retainer plate</source>
        <translation>Halteplatte</translation>
    </message>
    <message>
        <source>Lock collar</source>
        <translation>Klemmring</translation>
    </message>
    <message>
        <source>Bearing in a carrier plate, then on a shaft with collar and external ring</source>
        <translation>Lager in einer Trägerplatte, dann auf einer Welle mit Bund und Außensicherungsring</translation>
    </message>
    <message>
        <source>Carrier plate</source>
        <translation>Trägerplatte</translation>
    </message>
    <message>
        <source>Fan shaft</source>
        <translation>Lüfterwelle</translation>
    </message>
    <message>
        <source>Retaining collar</source>
        <translation>Haltering</translation>
    </message>
    <message>
        <source>Adjustable hub with a preassembled seal and wear sleeve</source>
        <translation>Einstellbare Nabe mit vormontierter Dichtung und Laufhülse</translation>
    </message>
    <message>
        <source>Wear sleeve</source>
        <translation>Laufhülse</translation>
    </message>
    <message>
        <source>Preassembled seal</source>
        <translation>Vormontierte Dichtung</translation>
    </message>
    <message>
        <source>Adjusting nut</source>
        <translation>Stellmutter</translation>
    </message>
    <message>
        <source>Hub cap</source>
        <translation>Nabenkappe</translation>
    </message>
    <message>
        <source>Shaft with its bearing in a tube, held by a ring reached through a hole in the flange</source>
        <translation>Welle mit Lager in einem Rohr, gehalten von einem Ring, der durch ein Loch im Flansch erreicht wird</translation>
    </message>
    <message>
        <source>Tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>Flanged shaft</source>
        <translation>Flanschwelle</translation>
    </message>
    <message>
        <source>Lip seal, wear sleeve and dust cap on their own</source>
        <translation>Wellendichtring, Laufhülse und Staubkappe für sich</translation>
    </message>
    <message>
        <source>Dust cap</source>
        <translation>Staubkappe</translation>
    </message>
    <message>
        <source>the sensor hole</source>
        <translation>dem Sensorloch</translation>
    </message>
    <message>
        <source>the drain, gap down</source>
        <translation>dem Ablauf, Öffnung nach unten</translation>
    </message>
    <message>
        <source>the sensor in the wall</source>
        <translation>dem Sensor in der Wand</translation>
    </message>
    <message>
        <source>the keyway</source>
        <translation>der Nut</translation>
    </message>
    <message>
        <source>the flat on the spindle</source>
        <translation>der Fläche am Zapfen</translation>
    </message>
    <message>
        <source>the hole in the flange, lugs under it</source>
        <translation>dem Loch im Flansch, Ösen darunter</translation>
    </message>
    <message>
        <source>bearing steel</source>
        <translation>Wälzlagerstahl</translation>
    </message>
    <message>
        <source>carbon steel</source>
        <translation>unlegierter Stahl</translation>
    </message>
    <message>
        <source>alloy steel, hardened and tempered</source>
        <translation>Vergütungsstahl, legiert</translation>
    </message>
    <message>
        <source>spring steel</source>
        <translation>Federstahl</translation>
    </message>
    <message>
        <source>cast steel</source>
        <translation>Stahlguss</translation>
    </message>
    <message>
        <source>austenitic stainless steel</source>
        <translation>austenitischer Edelstahl</translation>
    </message>
    <message>
        <source>martensitic stainless steel</source>
        <translation>martensitischer Edelstahl</translation>
    </message>
    <message>
        <source>grey cast iron</source>
        <translation>Grauguss</translation>
    </message>
    <message>
        <source>ductile iron</source>
        <translation>Sphäroguss</translation>
    </message>
    <message>
        <source>bronze</source>
        <translation>Bronze</translation>
    </message>
    <message>
        <source>brass</source>
        <translation>Messing</translation>
    </message>
    <message>
        <source>cast aluminium</source>
        <translation>Aluminiumguss</translation>
    </message>
    <message>
        <source>wrought aluminium</source>
        <translation>Aluminium-Knetlegierung</translation>
    </message>
    <message>
        <source>oven</source>
        <translation>Ofen</translation>
    </message>
    <message>
        <source>hot plate</source>
        <translation>Heizplatte</translation>
    </message>
    <message>
        <source>hot air</source>
        <translation>Heißluft</translation>
    </message>
    <message>
        <source>induction heater</source>
        <translation>Induktionserwärmer</translation>
    </message>
    <message>
        <source>soft flame</source>
        <translation>weiche Flamme</translation>
    </message>
    <message>
        <source>household freezer</source>
        <translation>Gefrierschrank</translation>
    </message>
    <message>
        <source>chest freezer</source>
        <translation>Gefriertruhe</translation>
    </message>
    <message>
        <source>solid carbon dioxide</source>
        <translation>Trockeneis</translation>
    </message>
    <message>
        <source>liquid nitrogen</source>
        <translation>flüssiger Stickstoff</translation>
    </message>
    <message>
        <source>general, grease, up to 1,000 rpm</source>
        <translation>allgemein, Fett, bis 1.000 1/min</translation>
    </message>
    <message>
        <source>shaft runs warm</source>
        <translation>Welle läuft warm</translation>
    </message>
    <message>
        <source>slow and stiff</source>
        <translation>langsam und steif</translation>
    </message>
    <message>
        <source>%1: cannot write the picture</source>
        <translation>%1: Das Bild lässt sich nicht schreiben</translation>
    </message>
    <message>
        <source>one of those that calc --list names</source>
        <translation>eine von denen, die calc --list nennt</translation>
    </message>
    <message>
        <source>Usage</source>
        <translation>Aufruf</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPTIONEN</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>Positionals</source>
        <translation>Angaben</translation>
    </message>
    <message>
        <source>SUBCOMMAND</source>
        <translation>BEFEHL</translation>
    </message>
    <message>
        <source>Subcommands</source>
        <translation>Befehle</translation>
    </message>
    <message>
        <source>REQUIRED</source>
        <translation>NÖTIG</translation>
    </message>
    <message>
        <source>Print this help message and exit</source>
        <translation>Diese Hilfe zeigen und beenden</translation>
    </message>
    <message>
        <source>missing: {what}</source>
        <translation>es fehlt: {what}</translation>
    </message>
    <message>
        <source>not expected: {what}</source>
        <translation>nicht erwartet: {what}</translation>
    </message>
    <message>
        <source>a value is missing or too much: {what}</source>
        <translation>ein Wert fehlt oder ist zu viel: {what}</translation>
    </message>
    <message>
        <source>these do not go together: {what}</source>
        <translation>das geht nicht zusammen: {what}</translation>
    </message>
    <message>
        <source>one pressed step: its key as plan lists it, what the key begins with, or its number</source>
        <translation>ein Pressschritt: sein Schlüssel, wie plan ihn nennt, der Anfang davon, oder seine Nummer</translation>
    </message>
    <message>
        <source>“{text}” is no number</source>
        <translation>„{text}“ ist keine Zahl</translation>
    </message>
    <message>
        <source>job file (*.arbor.json)</source>
        <translation>Auftragsdatei (*.arbor.json)</translation>
    </message>
    <message>
        <source>folder with rack.csv and presses.json (default: the job&apos;s folder)</source>
        <translation>Ordner mit rack.csv und presses.json (Vorgabe: der Ordner des Auftrags)</translation>
    </message>
    <message>
        <source>print JSON</source>
        <translation>JSON ausgeben</translation>
    </message>
    <message>
        <source>The {station} station of a job</source>
        <translation>Die Station {station} eines Auftrags</translation>
    </message>
    <message>
        <source>job file with an arrangement, or a file that holds one</source>
        <translation>Auftragsdatei mit einer Anordnung, oder eine Datei, die eine enthält</translation>
    </message>
    <message>
        <source>How hot, how cold, how long, and how soon it grips</source>
        <translation>Wie heiß, wie kalt, wie lange, und wie bald es klemmt</translation>
    </message>
    <message>
        <source>outer+inner part, in place of a step</source>
        <translation>äußeres+inneres Teil, statt eines Schritts</translation>
    </message>
    <message>
        <source>from oven to press [s]</source>
        <translation>vom Ofen zur Presse [s]</translation>
    </message>
    <message>
        <source>oven error [K]</source>
        <translation>Ofenfehler [K]</translation>
    </message>
    <message>
        <source>Past presses: found, printed, taken in</source>
        <translation>Frühere Pressungen: gesucht, gedruckt, übernommen</translation>
    </message>
    <message>
        <source>folder of jobs, sqlite:/path/to/file or postgresql://user@host:port/database</source>
        <translation>Auftragsordner, sqlite:/Pfad/zur/Datei oder postgresql://Benutzer@Rechner:Port/Datenbank</translation>
    </message>
    <message>
        <source>words, or their beginnings</source>
        <translation>Wörter oder ihre Anfänge</translation>
    </message>
    <message>
        <source>designation</source>
        <translation>Bezeichnung</translation>
    </message>
    <message>
        <source>pressed step as an entry names it: in:housing+bearing</source>
        <translation>Pressschritt, wie ein Eintrag ihn nennt: in:housing+bearing</translation>
    </message>
    <message>
        <source>number of a tool or press</source>
        <translation>Nummer eines Werkzeugs oder einer Presse</translation>
    </message>
    <message>
        <source>of the seat or of the trace</source>
        <translation>des Sitzes oder des Verlaufs</translation>
    </message>
    <message>
        <source>date, 2026-01-31</source>
        <translation>Datum, 2026-01-31</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>presses at most in the list; --csv and --json print all</source>
        <translation>höchste Zahl der Pressungen in der Liste; --csv und --json drucken alle</translation>
    </message>
    <message>
        <source>take in what log --json printed</source>
        <translation>übernehmen, was log --json ausgab</translation>
    </message>
    <message>
        <source>print CSV</source>
        <translation>CSV ausgeben</translation>
    </message>
    <message>
        <source>A tool to turn for a job or a step of it: sizes, proof, drawing</source>
        <translation>Ein zu fertigendes Werkzeug für einen Auftrag oder einen Schritt: Maße, Nachweis, Zeichnung</translation>
    </message>
    <message>
        <source>drawing to write (.dxf or .svg)</source>
        <translation>zu schreibende Zeichnung (.dxf oder .svg)</translation>
    </message>
    <message>
        <source>in place of the designed outside [mm]</source>
        <translation>statt des entworfenen Außendurchmessers [mm]</translation>
    </message>
    <message>
        <source>in place of the designed bore [mm]</source>
        <translation>statt der entworfenen Bohrung [mm]</translation>
    </message>
    <message>
        <source>in place of the designed length [mm]</source>
        <translation>statt der entworfenen Länge [mm]</translation>
    </message>
    <message>
        <source>depth of the bore, the rest stays solid [mm]</source>
        <translation>Tiefe der Bohrung, der Rest bleibt voll [mm]</translation>
    </message>
    <message>
        <source>pilot below the pushing face [mm]</source>
        <translation>Zentrierung unter der Druckfläche [mm]</translation>
    </message>
    <message>
        <source>its length [mm]</source>
        <translation>ihre Länge [mm]</translation>
    </message>
    <message>
        <source>One calculation without a job: key=value, or JSON on standard input</source>
        <translation>Eine Rechnung ohne Auftrag: Schlüssel=Wert, oder JSON auf der Standardeingabe</translation>
    </message>
    <message>
        <source>the calculation; --list names them</source>
        <translation>die Rechnung; --list nennt sie</translation>
    </message>
    <message>
        <source>name every calculation</source>
        <translation>alle Rechnungen nennen</translation>
    </message>
    <message>
        <source>Works out a press job without a window. The product advises and does not certify.</source>
        <translation>Rechnet einen Pressauftrag ohne Fenster. Das Programm berät und bescheinigt nicht.</translation>
    </message>
    <message>
        <source>All stations of a job</source>
        <translation>Alle Stationen eines Auftrags</translation>
    </message>
    <message>
        <source>The order of taking a job&apos;s arrangement apart</source>
        <translation>Die Folge, in der die Anordnung eines Auftrags zerlegt wird</translation>
    </message>
    <message>
        <source>The order of putting it together</source>
        <translation>Die Folge, in der sie zusammengebaut wird</translation>
    </message>
    <message>
        <source>--help tells more.</source>
        <translation>--help sagt mehr.</translation>
    </message>
    <message>
        <source>note: {what}</source>
        <translation>Hinweis: {what}</translation>
    </message>
    <message>
        <source>{file} was written by a newer program; what it knows more is left out</source>
        <translation>{file} stammt von einem neueren Programm; was es mehr weiß, bleibt weg</translation>
    </message>
    <message>
        <source>{file} is not UTF-8; its letters were taken for Latin-1</source>
        <translation>{file} ist nicht UTF-8; die Buchstaben wurden als Latin-1 gelesen</translation>
    </message>
    <message>
        <source>a list of presses</source>
        <translation>eine Liste von Pressungen</translation>
    </message>
    <message>
        <source>{count} of {all} presses; --most shows more</source>
        <translation>{count} von {all} Pressungen; --most zeigt mehr</translation>
    </message>
    <message>
        <source>taken in: {count} of {all}</source>
        <translation>übernommen: {count} von {all}</translation>
    </message>
    <message>
        <source>a step: nothing is pressed in this job</source>
        <translation>ein Schritt: In diesem Auftrag wird nichts gepresst</translation>
    </message>
    <message>
        <source>&gt; 0</source>
        <translation>&gt; 0</translation>
    </message>
    <message>
        <source>0 or more</source>
        <translation>0 oder mehr</translation>
    </message>
    <message>
        <source>1 to 80</source>
        <translation>1 bis 80</translation>
    </message>
    <message>
        <source>a section</source>
        <translation>ein Schnitt</translation>
    </message>
    <message>
        <source>a name of its own</source>
        <translation>ein eigener Name</translation>
    </message>
    <message>
        <source>another part</source>
        <translation>ein anderes Teil</translation>
    </message>
    <message>
        <source>two of the parts</source>
        <translation>zwei der Teile</translation>
    </message>
    <message>
        <source>a bore or journal of its own size</source>
        <translation>eine Bohrung oder ein Zapfen eigener Größe</translation>
    </message>
    <message>
        <source>a groove that holds it on both sides</source>
        <translation>eine Nut, die ihn auf beiden Seiten hält</translation>
    </message>
    <message>
        <source>a bearing of the catalogue</source>
        <translation>ein Lager des Katalogs</translation>
    </message>
    <message>
        <source>one part or more</source>
        <translation>ein Teil oder mehr</translation>
    </message>
    <message>
        <source>up to 64 parts</source>
        <translation>bis 64 Teile</translation>
    </message>
    <message>
        <source>one of the parts</source>
        <translation>eines der Teile</translation>
    </message>
    <message>
        <source>a finite size</source>
        <translation>ein endliches Maß</translation>
    </message>
    <message>
        <source>up to 3000 mm</source>
        <translation>bis 3000 mm</translation>
    </message>
    <message>
        <source>0.1 mm or more</source>
        <translation>0,1 mm oder mehr</translation>
    </message>
    <message>
        <source>any part but the base: it is what the others sit in or on</source>
        <translation>jedes Teil außer dem Grundteil: In oder auf ihm sitzen die anderen</translation>
    </message>
    <message>
        <source>a closing quote</source>
        <translation>ein schließendes Anführungszeichen</translation>
    </message>
    <message>
        <source>a finite number</source>
        <translation>eine endliche Zahl</translation>
    </message>
    <message>
        <source>a column of this name</source>
        <translation>eine Spalte dieses Namens</translation>
    </message>
    <message>
        <source>a header line</source>
        <translation>eine Kopfzeile</translation>
    </message>
    <message>
        <source>each key once</source>
        <translation>jeder Schlüssel einmal</translation>
    </message>
    <message>
        <source>JSON</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>a number of ordinary size</source>
        <translation>eine Zahl, die in ein double passt</translation>
    </message>
    <message>
        <source>play_min_um and play_max_um</source>
        <translation>play_min_um und play_max_um</translation>
    </message>
    <message>
        <source>either backoff_deg or slots</source>
        <translation>entweder backoff_deg oder slots</translation>
    </message>
    <message>
        <source>End play of a nut, and where it can be locked</source>
        <translation>Axialspiel einer Mutter, und wo sie gesichert werden kann</translation>
    </message>
    <message>
        <source>of the thread</source>
        <translation>des Gewindes</translation>
    </message>
    <message>
        <source>backed off from where play begins</source>
        <translation>zurückgedreht ab dem Beginn des Spiels</translation>
    </message>
    <message>
        <source>of the nut, when the places are asked</source>
        <translation>der Mutter, wenn nach den Stellen gefragt ist</translation>
    </message>
    <message>
        <source>directions of the through holes</source>
        <translation>Richtungen der Durchgangslöcher</translation>
    </message>
    <message>
        <source>nut angle at which play begins</source>
        <translation>Mutterwinkel, bei dem das Spiel beginnt</translation>
    </message>
    <message>
        <source>least wanted</source>
        <translation>mindestens gewünscht</translation>
    </message>
    <message>
        <source>most wanted</source>
        <translation>höchstens gewünscht</translation>
    </message>
    <message>
        <source>from one place to the next</source>
        <translation>von einer Stelle zur nächsten</translation>
    </message>
    <message>
        <source>places in the band</source>
        <translation>Stellen in der Spanne</translation>
    </message>
    <message>
        <source>to each of them</source>
        <translation>bis zu jeder von ihnen</translation>
    </message>
    <message>
        <source>there</source>
        <translation>dort</translation>
    </message>
    <message>
        <source>End play between bench and work</source>
        <translation>Axialspiel zwischen Werkbank und Betrieb</translation>
    </message>
    <message>
        <source>end play as it was set</source>
        <translation>Axialspiel, wie es eingestellt wurde</translation>
    </message>
    <message>
        <source>circle of the elements, first bearing</source>
        <translation>Kreis der Wälzkörper, erstes Lager</translation>
    </message>
    <message>
        <source>its contact angle</source>
        <translation>sein Druckwinkel</translation>
    </message>
    <message>
        <source>of the second bearing</source>
        <translation>des zweiten Lagers</translation>
    </message>
    <message>
        <source>between the rows</source>
        <translation>zwischen den Reihen</translation>
    </message>
    <message>
        <source>inside the pair, or outside</source>
        <translation>innerhalb des Paars oder außerhalb</translation>
    </message>
    <message>
        <source>shaft warmer by</source>
        <translation>Welle wärmer um</translation>
    </message>
    <message>
        <source>housing warmer by</source>
        <translation>Gehäuse wärmer um</translation>
    </message>
    <message>
        <source>expansion of the shaft</source>
        <translation>Ausdehnung der Welle</translation>
    </message>
    <message>
        <source>of the housing</source>
        <translation>des Gehäuses</translation>
    </message>
    <message>
        <source>taken away, negative: added</source>
        <translation>weggenommen, negativ: hinzugefügt</translation>
    </message>
    <message>
        <source>at operating temperature</source>
        <translation>bei Betriebstemperatur</translation>
    </message>
    <message>
        <source>Bearings clamped through a spacer</source>
        <translation>Über eine Distanzhülse geklemmte Lager</translation>
    </message>
    <message>
        <source>at which play was found</source>
        <translation>bei dem das Spiel gefunden wurde</translation>
    </message>
    <message>
        <source>diameter of its thread</source>
        <translation>Durchmesser seines Gewindes</translation>
    </message>
    <message>
        <source>torque over force and diameter</source>
        <translation>Moment durch Kraft und Durchmesser</translation>
    </message>
    <message>
        <source>length of the spacer</source>
        <translation>Länge der Distanzhülse</translation>
    </message>
    <message>
        <source>its section</source>
        <translation>ihr Querschnitt</translation>
    </message>
    <message>
        <source>its stiffness</source>
        <translation>ihre Steifigkeit</translation>
    </message>
    <message>
        <source>width of both inner rings, 0: rigid</source>
        <translation>Breite beider Innenringe, 0: starr</translation>
    </message>
    <message>
        <source>their section</source>
        <translation>ihr Querschnitt</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
    <message>
        <source>at full torque</source>
        <translation>bei vollem Moment</translation>
    </message>
    <message>
        <source>force in the stack</source>
        <translation>Kraft im Paket</translation>
    </message>
    <message>
        <source>by the clamp</source>
        <translation>durch das Klemmen</translation>
    </message>
    <message>
        <source>Shims from stock</source>
        <translation>Passscheiben aus dem Vorrat</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>thicknesses in stock, each as often as there is one</source>
        <translation>vorrätige Dicken, jede so oft, wie sie da ist</translation>
    </message>
    <message>
        <source>pieces at most</source>
        <translation>höchste Stückzahl</translation>
    </message>
    <message>
        <source>to take</source>
        <translation>zu nehmen</translation>
    </message>
    <message>
        <source>together</source>
        <translation>zusammen</translation>
    </message>
    <message>
        <source>from what is wanted</source>
        <translation>vom Gewünschten</translation>
    </message>
    <message>
        <source>Rolling torque by a spring scale</source>
        <translation>Reibmoment mit der Federwaage</translation>
    </message>
    <message>
        <source>while it turns evenly</source>
        <translation>während es gleichmäßig dreht</translation>
    </message>
    <message>
        <source>of the string</source>
        <translation>der Schnur</translation>
    </message>
    <message>
        <source>of rolling</source>
        <translation>beim Drehen</translation>
    </message>
    <message>
        <source>Grease for a bearing and its cavity</source>
        <translation>Fett für ein Lager und seinen Hohlraum</translation>
    </message>
    <message>
        <source>of the bearing</source>
        <translation>des Lagers</translation>
    </message>
    <message>
        <source>beside it</source>
        <translation>daneben</translation>
    </message>
    <message>
        <source>of the grease</source>
        <translation>des Fetts</translation>
    </message>
    <message>
        <source>of the pump, 0: not known</source>
        <translation>der Pumpe, 0: nicht bekannt</translation>
    </message>
    <message>
        <source>bearing full, cavity to a third</source>
        <translation>Lager voll, Hohlraum zu einem Drittel</translation>
    </message>
    <message>
        <source>cavity to a half</source>
        <translation>Hohlraum zur Hälfte</translation>
    </message>
    <message>
        <source>of the pump</source>
        <translation>der Pumpe</translation>
    </message>
    <message>
        <source>either gauge or force_N</source>
        <translation>entweder gauge oder force_N</translation>
    </message>
    <message>
        <source>a pitch that leaves a thread</source>
        <translation>eine Steigung, die ein Gewinde lässt</translation>
    </message>
    <message>
        <source>either force_N or torque_Nm</source>
        <translation>entweder force_N oder torque_Nm</translation>
    </message>
    <message>
        <source>Force of a ram, reading of its gauge</source>
        <translation>Kraft eines Kolbens, Anzeige seines Manometers</translation>
    </message>
    <message>
        <source>what the gauge shows</source>
        <translation>was das Manometer zeigt</translation>
    </message>
    <message>
        <source>diameter of the ram</source>
        <translation>Durchmesser des Kolbens</translation>
    </message>
    <message>
        <source>of the rod or hole, where the pressure does not act</source>
        <translation>der Stange oder des Lochs, wo der Druck nicht wirkt</translation>
    </message>
    <message>
        <source>how many push together</source>
        <translation>wie viele zusammen drücken</translation>
    </message>
    <message>
        <source>reading, when the force is asked</source>
        <translation>Anzeige, wenn nach der Kraft gefragt ist</translation>
    </message>
    <message>
        <source>force, when the reading is asked</source>
        <translation>Kraft, wenn nach der Anzeige gefragt ist</translation>
    </message>
    <message>
        <source>at the ram</source>
        <translation>am Kolben</translation>
    </message>
    <message>
        <source>in the gauge&apos;s unit</source>
        <translation>in der Einheit des Manometers</translation>
    </message>
    <message>
        <source>Force and energy at breakaway of a stuck ring</source>
        <translation>Kraft und Energie, wenn ein festsitzender Ring sich löst</translation>
    </message>
    <message>
        <source>sliding force of the clean joint</source>
        <translation>Gleitkraft der sauberen Verbindung</translation>
    </message>
    <message>
        <source>how the joint looks</source>
        <translation>wie die Verbindung aussieht</translation>
    </message>
    <message>
        <source>of frame and stack</source>
        <translation>von Gestell und Aufbau</translation>
    </message>
    <message>
        <source>likely</source>
        <translation>wahrscheinlich</translation>
    </message>
    <message>
        <source>most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>energy released, at most</source>
        <translation>wird frei, höchstens</translation>
    </message>
    <message>
        <source>Tilt of a ring from readings round its face</source>
        <translation>Kippung eines Rings aus Ablesungen rund um seine Fläche</translation>
    </message>
    <message>
        <source>where the readings are taken</source>
        <translation>wo abgelesen wird</translation>
    </message>
    <message>
        <source>places round the ring</source>
        <translation>Stellen rund um den Ring</translation>
    </message>
    <message>
        <source>readings, high is positive</source>
        <translation>Ablesungen, hoch ist positiv</translation>
    </message>
    <message>
        <source>of the plane</source>
        <translation>der Ebene</translation>
    </message>
    <message>
        <source>where it is highest</source>
        <translation>wo sie am höchsten ist</translation>
    </message>
    <message>
        <source>across the circle of the readings</source>
        <translation>über den Kreis der Ablesungen</translation>
    </message>
    <message>
        <source>of the residuals, divided by n</source>
        <translation>der Abweichungen, durch n geteilt</translation>
    </message>
    <message>
        <source>greatest less least residual</source>
        <translation>größte minus kleinste Abweichung</translation>
    </message>
    <message>
        <source>of one reading, from n - 3; nothing with three</source>
        <translation>einer Ablesung, aus n - 3; bei dreien keine</translation>
    </message>
    <message>
        <source>Depth to which a ring can wedge</source>
        <translation>Tiefe, bis zu der ein Ring sich verkeilen kann</translation>
    </message>
    <message>
        <source>of the ring</source>
        <translation>des Rings</translation>
    </message>
    <message>
        <source>friction</source>
        <translation>Reibung</translation>
    </message>
    <message>
        <source>how far it is in</source>
        <translation>wie weit er drin ist</translation>
    </message>
    <message>
        <source>between ring and bore</source>
        <translation>zwischen Ring und Bohrung</translation>
    </message>
    <message>
        <source>tilt</source>
        <translation>Kippung</translation>
    </message>
    <message>
        <source>keep it square to here</source>
        <translation>bis hierher gerade halten</translation>
    </message>
    <message>
        <source>at the depth given</source>
        <translation>in der angegebenen Tiefe</translation>
    </message>
    <message>
        <source>a larger tilt touches before it is past wedging</source>
        <translation>eine größere Neigung berührt, bevor das Verkeilen vorbei ist</translation>
    </message>
    <message>
        <source>depth at which a ring tilted so touches on both sides</source>
        <translation>Tiefe, in der ein so gekippter Ring auf beiden Seiten berührt</translation>
    </message>
    <message>
        <source>Torque of a puller screw or draw bolt</source>
        <translation>Moment einer Abzieh- oder Zugschraube</translation>
    </message>
    <message>
        <source>nominal diameter of the thread</source>
        <translation>Nenndurchmesser des Gewindes</translation>
    </message>
    <message>
        <source>its pitch</source>
        <translation>seine Steigung</translation>
    </message>
    <message>
        <source>friction in the thread</source>
        <translation>Reibung im Gewinde</translation>
    </message>
    <message>
        <source>friction under head or nut</source>
        <translation>Reibung unter Kopf oder Mutter</translation>
    </message>
    <message>
        <source>mean diameter of that face</source>
        <translation>mittlerer Durchmesser dieser Fläche</translation>
    </message>
    <message>
        <source>pull, when the torque is asked</source>
        <translation>Zugkraft, wenn nach dem Moment gefragt ist</translation>
    </message>
    <message>
        <source>torque, when the pull is asked</source>
        <translation>Moment, wenn nach der Zugkraft gefragt ist</translation>
    </message>
    <message>
        <source>at the wrench</source>
        <translation>am Schlüssel</translation>
    </message>
    <message>
        <source>pull</source>
        <translation>Zugkraft</translation>
    </message>
    <message>
        <source>share of the work that pulls</source>
        <translation>Anteil der Arbeit, der zieht</translation>
    </message>
    <message>
        <source>What a bearing&apos;s elements carry at rest</source>
        <translation>Was die Wälzkörper eines Lagers im Stillstand tragen</translation>
    </message>
    <message>
        <source>of the catalogue</source>
        <translation>des Katalogs</translation>
    </message>
    <message>
        <source>C_0r</source>
        <translation>C_0r</translation>
    </message>
    <message>
        <source>along the axis; 0 where it carries none</source>
        <translation>axial; 0, wo es keine trägt</translation>
    </message>
    <message>
        <source>from stated geometry</source>
        <translation>aus angegebener Geometrie</translation>
    </message>
    <message>
        <source>Grease for a bearing</source>
        <translation>Fett für ein Lager</translation>
    </message>
    <message>
        <source>between rings and elements</source>
        <translation>zwischen Ringen und Wälzkörpern</translation>
    </message>
    <message>
        <source>a third</source>
        <translation>ein Drittel</translation>
    </message>
    <message>
        <source>a half</source>
        <translation>die Hälfte</translation>
    </message>
    <message>
        <source>packed full</source>
        <translation>voll gefüllt</translation>
    </message>
    <message>
        <source>a list of numbers</source>
        <translation>eine Zahlenliste</translation>
    </message>
    <message>
        <source>a text</source>
        <translation>ein Text</translation>
    </message>
    <message>
        <source>a material of the table, or {E_MPa, nu, alpha_per_K}</source>
        <translation>ein Werkstoff der Tabelle, oder {E_MPa, nu, alpha_per_K}</translation>
    </message>
    <message>
        <source>a material of the table, or {k_W_per_mK, rho_kg_per_m3, c_J_per_kgK, alpha_per_K}</source>
        <translation>ein Werkstoff der Tabelle, oder {k_W_per_mK, rho_kg_per_m3, c_J_per_kgK, alpha_per_K}</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>a calculation about a seat</source>
        <translation>eine Rechnung über einen Sitz</translation>
    </message>
    <message>
        <source>the bore of a bearing of the catalogue</source>
        <translation>die Bohrung eines Lagers des Katalogs</translation>
    </message>
    <message>
        <source>the outside of a bearing of the catalogue</source>
        <translation>der Außendurchmesser eines Lagers des Katalogs</translation>
    </message>
    <message>
        <source>two numbers, the lower one first</source>
        <translation>zwei Zahlen, die kleinere zuerst</translation>
    </message>
    <message>
        <source>Pressure, stress and force of a pressed joint</source>
        <translation>Fugendruck, Spannung und Kraft eines Pressverbands</translation>
    </message>
    <message>
        <source>diameter of the joint</source>
        <translation>Durchmesser der Fuge</translation>
    </message>
    <message>
        <source>bore of the inner part, 0 when solid</source>
        <translation>Bohrung des inneren Teils, 0 wenn voll</translation>
    </message>
    <message>
        <source>outside of the outer part, 0 for a solid wall</source>
        <translation>Außendurchmesser des äußeren Teils, 0 für unendliche Wand</translation>
    </message>
    <message>
        <source>of the inner part</source>
        <translation>des inneren Teils</translation>
    </message>
    <message>
        <source>of the outer part</source>
        <translation>des äußeren Teils</translation>
    </message>
    <message>
        <source>on the diameter at 20 degC, tight is positive</source>
        <translation>im Durchmesser bei 20 °C, fest ist positiv</translation>
    </message>
    <message>
        <source>the ring whose raceway moves</source>
        <translation>der Ring, dessen Laufbahn sich verschiebt</translation>
    </message>
    <message>
        <source>contact length</source>
        <translation>Fugenlänge</translation>
    </message>
    <message>
        <source>interference at these temperatures</source>
        <translation>Übermaß bei diesen Temperaturen</translation>
    </message>
    <message>
        <source>after asperity flattening</source>
        <translation>nach der Glättung der Rauheitsspitzen</translation>
    </message>
    <message>
        <source>on the seat</source>
        <translation>am Sitz</translation>
    </message>
    <message>
        <source>hoop stress at the inner part&apos;s bore, tension positive</source>
        <translation>Tangentialspannung an der Bohrung des inneren Teils, Zug positiv</translation>
    </message>
    <message>
        <source>hoop stress at the outer part&apos;s bore</source>
        <translation>Tangentialspannung an der Bohrung des äußeren Teils</translation>
    </message>
    <message>
        <source>growth of the raceway on the diameter</source>
        <translation>Aufweitung der Laufbahn im Durchmesser</translation>
    </message>
    <message>
        <source>to slide it, at full length</source>
        <translation>um ihn zu verschieben, bei voller Länge</translation>
    </message>
    <message>
        <source>at which it turns</source>
        <translation>bei dem er sich dreht</translation>
    </message>
    <message>
        <source>Clearance left in a bearing in service</source>
        <translation>Bleibende Lagerluft im Betrieb</translation>
    </message>
    <message>
        <source>bore of the bearing</source>
        <translation>Bohrung des Lagers</translation>
    </message>
    <message>
        <source>outside of the bearing</source>
        <translation>Außendurchmesser des Lagers</translation>
    </message>
    <message>
        <source>0 when solid</source>
        <translation>0 wenn voll</translation>
    </message>
    <message>
        <source>0 for a solid wall</source>
        <translation>0 für unendliche Wand</translation>
    </message>
    <message>
        <source>else d + (D - d)/4</source>
        <translation>sonst d + (D - d)/4</translation>
    </message>
    <message>
        <source>else D - (D - d)/4</source>
        <translation>sonst D - (D - d)/4</translation>
    </message>
    <message>
        <source>of the shaft</source>
        <translation>der Welle</translation>
    </message>
    <message>
        <source>of the rings</source>
        <translation>der Ringe</translation>
    </message>
    <message>
        <source>as made, least</source>
        <translation>ab Werk, kleinste</translation>
    </message>
    <message>
        <source>as made, greatest</source>
        <translation>ab Werk, größte</translation>
    </message>
    <message>
        <source>of the elements, else between the rings</source>
        <translation>der Wälzkörper, sonst zwischen den Ringen</translation>
    </message>
    <message>
        <source>tightest parts</source>
        <translation>festeste Teile</translation>
    </message>
    <message>
        <source>all sizes at their middle</source>
        <translation>alle Maße in ihrer Mitte</translation>
    </message>
    <message>
        <source>loosest parts</source>
        <translation>loseste Teile</translation>
    </message>
    <message>
        <source>Temperature to drop it in</source>
        <translation>Temperatur, bei der es hineinfällt</translation>
    </message>
    <message>
        <source>the part whose temperature is asked</source>
        <translation>das Teil, nach dessen Temperatur gefragt ist</translation>
    </message>
    <message>
        <source>greatest, at 20 degC</source>
        <translation>größtes, bei 20 °C</translation>
    </message>
    <message>
        <source>clearance wanted while it goes in</source>
        <translation>gewünschte Luft beim Fügen</translation>
    </message>
    <message>
        <source>expansion of the outer part</source>
        <translation>Ausdehnung des äußeren Teils</translation>
    </message>
    <message>
        <source>expansion of the inner part</source>
        <translation>Ausdehnung des inneren Teils</translation>
    </message>
    <message>
        <source>of the other part</source>
        <translation>des anderen Teils</translation>
    </message>
    <message>
        <source>of the part asked for</source>
        <translation>des gefragten Teils</translation>
    </message>
    <message>
        <source>lower deviation from the nominal size</source>
        <translation>unteres Abmaß vom Nennmaß</translation>
    </message>
    <message>
        <source>upper deviation</source>
        <translation>oberes Abmaß</translation>
    </message>
    <message>
        <source>Limits of a tolerance class</source>
        <translation>Grenzmaße einer Toleranzklasse</translation>
    </message>
    <message>
        <source>nominal diameter</source>
        <translation>Nenndurchmesser</translation>
    </message>
    <message>
        <source>as written: N7 for a hole, k5 for a shaft</source>
        <translation>wie geschrieben: N7 für eine Bohrung, k5 für eine Welle</translation>
    </message>
    <message>
        <source>least size</source>
        <translation>kleinstes Maß</translation>
    </message>
    <message>
        <source>greatest size</source>
        <translation>größtes Maß</translation>
    </message>
    <message>
        <source>the class exists at this size</source>
        <translation>die Klasse gibt es bei diesem Maß</translation>
    </message>
    <message>
        <source>Limits of a bearing ring</source>
        <translation>Grenzmaße eines Lagerrings</translation>
    </message>
    <message>
        <source>which surface</source>
        <translation>welche Fläche</translation>
    </message>
    <message>
        <source>its nominal diameter</source>
        <translation>ihr Nenndurchmesser</translation>
    </message>
    <message>
        <source>N, 6 or 5; N or 5 of metric tapers; 4, 2, 3, 0 or 00 of inch tapers</source>
        <translation>N, 6 oder 5; N oder 5 bei metrischen Kegelrollenlagern; 4, 2, 3, 0 oder 00 bei zölligen</translation>
    </message>
    <message>
        <source>Radial clearance of a bearing as made</source>
        <translation>Radiale Lagerluft ab Werk</translation>
    </message>
    <message>
        <source>clearance group</source>
        <translation>Lagerluftgruppe</translation>
    </message>
    <message>
        <source>CN</source>
        <translation>CN</translation>
    </message>
    <message>
        <source>kind of bearing</source>
        <translation>Lagerbauart</translation>
    </message>
    <message>
        <source>greatest</source>
        <translation>größte</translation>
    </message>
    <message>
        <source>Interference of a class against a ring</source>
        <translation>Übermaß einer Klasse gegen einen Ring</translation>
    </message>
    <message>
        <source>of the ring: bore on a shaft, od in a housing</source>
        <translation>des Rings: bore auf einer Welle, od in einem Gehäuse</translation>
    </message>
    <message>
        <source>nominal diameter of the seat</source>
        <translation>Nenndurchmesser des Sitzes</translation>
    </message>
    <message>
        <source>class of the seat</source>
        <translation>Klasse des Sitzes</translation>
    </message>
    <message>
        <source>N, 6 or 5</source>
        <translation>N, 6 oder 5</translation>
    </message>
    <message>
        <source>loosest pair</source>
        <translation>losestes Paar</translation>
    </message>
    <message>
        <source>both at the middle</source>
        <translation>beide in der Mitte</translation>
    </message>
    <message>
        <source>tightest pair</source>
        <translation>festestes Paar</translation>
    </message>
    <message>
        <source>either T_target_C or time_s</source>
        <translation>entweder T_target_C oder time_s</translation>
    </message>
    <message>
        <source>between T_start_C and T_amb_C, where it comes by</source>
        <translation>zwischen T_start_C und T_amb_C, wo es vorbeikommt</translation>
    </message>
    <message>
        <source>How long a part keeps its heat</source>
        <translation>Wie lange ein Teil seine Wärme hält</translation>
    </message>
    <message>
        <source>at the start</source>
        <translation>am Anfang</translation>
    </message>
    <message>
        <source>ambient</source>
        <translation>Umgebung</translation>
    </message>
    <message>
        <source>of the part</source>
        <translation>des Teils</translation>
    </message>
    <message>
        <source>its specific heat</source>
        <translation>seine spezifische Wärme</translation>
    </message>
    <message>
        <source>surface area</source>
        <translation>Oberfläche</translation>
    </message>
    <message>
        <source>to the air: still 5 to 15</source>
        <translation>an die Luft: ruhend 5 bis 15</translation>
    </message>
    <message>
        <source>bright 0.1, oxidised 0.25, rusty 0.8</source>
        <translation>blank 0,1, oxidiert 0,25, rostig 0,8</translation>
    </message>
    <message>
        <source>0.25 where only its own warmth moves the air</source>
        <translation>0,25, wo nur die eigene Wärme die Luft bewegt</translation>
    </message>
    <message>
        <source>difference for which h is stated</source>
        <translation>Differenz, für die h angegeben ist</translation>
    </message>
    <message>
        <source>wanted, when the time is asked</source>
        <translation>gewünscht, wenn nach der Zeit gefragt ist</translation>
    </message>
    <message>
        <source>gone by, when the temperature is asked</source>
        <translation>vergangen, wenn nach der Temperatur gefragt ist</translation>
    </message>
    <message>
        <source>until then</source>
        <translation>bis dahin</translation>
    </message>
    <message>
        <source>then</source>
        <translation>dann</translation>
    </message>
    <message>
        <source>How soon a chilled ring is gripped</source>
        <translation>Wie bald ein gekühlter Ring klemmt</translation>
    </message>
    <message>
        <source>of the inner part, 0 when solid</source>
        <translation>des inneren Teils, 0 wenn voll</translation>
    </message>
    <message>
        <source>outside of the outer part</source>
        <translation>Außendurchmesser des äußeren Teils</translation>
    </message>
    <message>
        <source>material of the inner part</source>
        <translation>Werkstoff des inneren Teils</translation>
    </message>
    <message>
        <source>material of the outer part</source>
        <translation>Werkstoff des äußeren Teils</translation>
    </message>
    <message>
        <source>how long it is followed</source>
        <translation>wie lange es verfolgt wird</translation>
    </message>
    <message>
        <source>conductivity of what is in the gap</source>
        <translation>Leitfähigkeit dessen, was im Spalt ist</translation>
    </message>
    <message>
        <source>added to the gap: roughness</source>
        <translation>zum Spalt hinzu: Rauheit</translation>
    </message>
    <message>
        <source>when the gap has closed</source>
        <translation>wenn sich der Spalt geschlossen hat</translation>
    </message>
    <message>
        <source>at which it is looked at</source>
        <translation>zu denen geschaut wird</translation>
    </message>
    <message>
        <source>when it goes in</source>
        <translation>wenn es hineingeht</translation>
    </message>
    <message>
        <source>whether the gap closes in that time</source>
        <translation>ob sich der Spalt in dieser Zeit schließt</translation>
    </message>
    <message>
        <source>until the gap has closed</source>
        <translation>bis sich der Spalt geschlossen hat</translation>
    </message>
    <message>
        <source>at each of the times, negative: tight</source>
        <translation>zu jeder der Zeiten, negativ: fest</translation>
    </message>
    <message>
        <source>0 for balls</source>
        <translation>0 bei Kugeln</translation>
    </message>
    <message>
        <source>the length of the rollers</source>
        <translation>die Länge der Rollen</translation>
    </message>
    <message>
        <source>each once</source>
        <translation>jeder einmal</translation>
    </message>
    <message>
        <source>0 up to 0.5</source>
        <translation>0 bis unter 0,5</translation>
    </message>
    <message>
        <source>steel, cast_iron or aluminium</source>
        <translation>steel, cast_iron oder aluminium</translation>
    </message>
    <message>
        <source>0 &lt; lower &lt;= upper</source>
        <translation>0 &lt; untere &lt;= obere</translation>
    </message>
    <message>
        <source>bar, MPa, psi, tf or short_ton</source>
        <translation>bar, MPa, psi, tf oder short_ton</translation>
    </message>
    <message>
        <source>one opening or more, each &gt; 0</source>
        <translation>eine Öffnung oder mehr, jede &gt; 0</translation>
    </message>
    <message>
        <source>nut and washer at one end, over 0 and under half the length</source>
        <translation>Mutter und Scheibe an einem Ende, über 0 und unter der halben Länge</translation>
    </message>
    <message>
        <source>the engraved number</source>
        <translation>die eingravierte Nummer</translation>
    </message>
    <message>
        <source>yes, no or nothing</source>
        <translation>ja, nein oder nichts</translation>
    </message>
    <message>
        <source>each number once</source>
        <translation>jede Nummer einmal</translation>
    </message>
    <message>
        <source>bore &lt; inner &lt; outer raceway &lt; outside</source>
        <translation>Bohrung &lt; innere &lt; äußere Laufbahn &lt; Außendurchmesser</translation>
    </message>
    <message>
        <source>least first</source>
        <translation>die kleinste zuerst</translation>
    </message>
    <message>
        <source>over 0, under 1</source>
        <translation>über 0, unter 1</translation>
    </message>
    <message>
        <source>0 to 100000</source>
        <translation>0 bis 100000</translation>
    </message>
    <message>
        <source>0 or more: a loose sleeve carries nothing on</source>
        <translation>0 oder mehr: eine lose Hülse leitet nichts weiter</translation>
    </message>
    <message>
        <source>0 or more, least before most</source>
        <translation>0 oder mehr, die kleinste vor der größten</translation>
    </message>
    <message>
        <source>a diameter over 0</source>
        <translation>ein Durchmesser über 0</translation>
    </message>
    <message>
        <source>a depth of 0 or more</source>
        <translation>eine Tiefe ab 0</translation>
    </message>
    <message>
        <source>a direction of 0 up to 180 degrees</source>
        <translation>eine Richtung von 0 bis unter 180 Grad</translation>
    </message>
    <message>
        <source>one reading or more</source>
        <translation>eine Ablesung oder mehr</translation>
    </message>
    <message>
        <source>each place once</source>
        <translation>jede Stelle einmal</translation>
    </message>
    <message>
        <source>-40 to 120</source>
        <translation>-40 bis 120</translation>
    </message>
    <message>
        <source>0 to 100 um</source>
        <translation>0 bis 100 µm</translation>
    </message>
    <message>
        <source>a use of the table of end play</source>
        <translation>eine Verwendung der Axialspieltabelle</translation>
    </message>
    <message>
        <source>a material of the table</source>
        <translation>ein Werkstoff der Tabelle</translation>
    </message>
    <message>
        <source>a press with a gauge in the rack</source>
        <translation>eine Presse mit Manometer im Regal</translation>
    </message>
    <message>
        <source>a draw-bolt set in the rack</source>
        <translation>ein Zugschraubensatz im Regal</translation>
    </message>
    <message>
        <source>a draw-bolt set of the rack</source>
        <translation>ein Zugschraubensatz des Regals</translation>
    </message>
    <message>
        <source>-200 to 500 degC</source>
        <translation>-200 bis 500 °C</translation>
    </message>
    <message>
        <source>a heat source of the table</source>
        <translation>eine Wärmequelle der Tabelle</translation>
    </message>
    <message>
        <source>the sizes of both sides</source>
        <translation>die Maße beider Seiten</translation>
    </message>
    <message>
        <source>-100 to 250 degC</source>
        <translation>-100 bis 250 °C</translation>
    </message>
    <message>
        <source>a press of the rack</source>
        <translation>eine Presse des Regals</translation>
    </message>
    <message>
        <source>an uncertainty of 0 to 0.1 mm</source>
        <translation>eine Messunsicherheit von 0 bis 0,1 mm</translation>
    </message>
    <message>
        <source>a tool of the rack</source>
        <translation>ein Werkzeug des Regals</translation>
    </message>
    <message>
        <source>a face of it that can be pushed straight from above</source>
        <translation>eine Fläche daran, die gerade von oben gedrückt werden kann</translation>
    </message>
    <message>
        <source>three or more</source>
        <translation>drei oder mehr</translation>
    </message>
    <message>
        <source>a finite reading</source>
        <translation>eine endliche Ablesung</translation>
    </message>
    <message>
        <source>three different positions</source>
        <translation>drei verschiedene Stellen</translation>
    </message>
    <message>
        <source>a letter and a grade, as N7 or k5</source>
        <translation>ein Buchstabe und ein Grad, wie N7 oder k5</translation>
    </message>
    <message>
        <source>IT1 to IT18</source>
        <translation>IT1 bis IT18</translation>
    </message>
    <message>
        <source>two or more</source>
        <translation>zwei oder mehr</translation>
    </message>
    <message>
        <source>each larger than the one before</source>
        <translation>jeder größer als der vorige</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>ein Objekt</translation>
    </message>
    <message>
        <source>a metric thread with its pitch, like M20x2.5</source>
        <translation>ein metrisches Gewinde mit Steigung, wie M20x2.5</translation>
    </message>
    <message>
        <source>a strength class like 8.8</source>
        <translation>eine Festigkeitsklasse wie 8.8</translation>
    </message>
    <message>
        <source>a surface that loses heat</source>
        <translation>eine Oberfläche, die Wärme abgibt</translation>
    </message>
    <message>
        <source>housing, ring or shaft</source>
        <translation>housing, ring oder shaft</translation>
    </message>
    <message>
        <source>up to most_degC</source>
        <translation>bis most_degC</translation>
    </message>
    <message>
        <source>&gt; 0, or a power</source>
        <translation>&gt; 0, oder eine Leistung</translation>
    </message>
    <message>
        <source>both sizes of the pilot, or none</source>
        <translation>beide Maße der Zentrierung, oder keines</translation>
    </message>
    <message>
        <source>no bore where there is a pilot</source>
        <translation>keine Bohrung, wo eine Zentrierung ist</translation>
    </message>
    <message>
        <source>a column of that name</source>
        <translation>eine Spalte dieses Namens</translation>
    </message>
    <message>
        <source>a press whose piston is known</source>
        <translation>eine Presse, deren Kolben bekannt ist</translation>
    </message>
    <message>
        <source>at least one sample</source>
        <translation>mindestens ein Messwert</translation>
    </message>
    <message>
        <source>a size, as 61.978 mm</source>
        <translation>ein Maß, wie 61.978 mm</translation>
    </message>
    <message>
        <source>a size over 0</source>
        <translation>ein Maß über 0</translation>
    </message>
    <message>
        <source>press t travel force, temp degC or dial mm</source>
        <translation>press t Weg Kraft, temp degC oder dial mm</translation>
    </message>
    <message>
        <source>[from_mm, to_mm, bore_mm, outside_mm]</source>
        <translation>[from_mm, to_mm, bore_mm, outside_mm]</translation>
    </message>
    <message>
        <source>a bore of 0 or more</source>
        <translation>eine Bohrung ab 0</translation>
    </message>
    <message>
        <source>one slice or more</source>
        <translation>eine Scheibe oder mehr</translation>
    </message>
    <message>
        <source>bodies or a bearing of the catalogue</source>
        <translation>Körper oder ein Lager des Katalogs</translation>
    </message>
    <message>
        <source>a class as N7, or a size with its limits</source>
        <translation>eine Klasse wie N7, oder ein Maß mit Abmaßen</translation>
    </message>
    <message>
        <source>arbor-arrangement</source>
        <translation>arbor-arrangement</translation>
    </message>
    <message>
        <source>A to J</source>
        <translation>A bis J</translation>
    </message>
    <message>
        <source>a size that belongs here, or key=value</source>
        <translation>ein Maß, das hierher gehört, oder Schlüssel=Wert</translation>
    </message>
    <message>
        <source>a folder that can be written</source>
        <translation>ein Ordner, in den geschrieben werden kann</translation>
    </message>
    <message>
        <source>a name ending in .dxf or .svg</source>
        <translation>ein Name mit .dxf oder .svg am Ende</translation>
    </message>
    <message>
        <source>a name: “Shaft nut 180 pin”</source>
        <translation>ein Name: „Wellenmutter 180 pin“</translation>
    </message>
    <message>
        <source>a size as 61.987, 2.4405 in, 1 7/16 in, 62-0.013, 62 N7, 62 +3/-12 um</source>
        <translation>ein Maß wie 61.987, 2.4405 in, 1 7/16 in, 62-0.013, 62 N7, 62 +3/-12 um</translation>
    </message>
    <message>
        <source>a size &gt; 0</source>
        <translation>ein Maß &gt; 0</translation>
    </message>
    <message>
        <source>limits within 5 % of the size (write um for micrometres)</source>
        <translation>Abmaße innerhalb von 5 % des Maßes (um schreiben für Mikrometer)</translation>
    </message>
    <message>
        <source>outside / bore x length, or outside x length</source>
        <translation>außen / Bohrung x Länge, oder außen x Länge</translation>
    </message>
    <message>
        <source>a material</source>
        <translation>ein Werkstoff</translation>
    </message>
    <message>
        <source>a designation of its own</source>
        <translation>eine eigene Bezeichnung</translation>
    </message>
    <message>
        <source>another window to have saved it</source>
        <translation>ein anderes Fenster, das ihn gesichert hat</translation>
    </message>
    <message>
        <source>a file that no newer program has written meanwhile</source>
        <translation>eine Datei, die inzwischen kein neueres Programm geschrieben hat</translation>
    </message>
    <message>
        <source>a number, a text or a list of numbers</source>
        <translation>eine Zahl, ein Text oder eine Zahlenliste</translation>
    </message>
    <message>
        <source>a file, this is a folder</source>
        <translation>eine Datei, dies ist ein Ordner</translation>
    </message>
    <message>
        <source>a file, this is a pipe or a device</source>
        <translation>eine Datei, dies ist eine Leitung oder ein Gerät</translation>
    </message>
    <message>
        <source>sqlite:/path/to/file or postgresql://user@host:port/database</source>
        <translation>sqlite:/Pfad/zur/Datei oder postgresql://Benutzer@Rechner:Port/Datenbank</translation>
    </message>
    <message>
        <source>a date: 2026-01-31</source>
        <translation>ein Datum: 2026-01-31</translation>
    </message>
    <message>
        <source>a press of the logbook</source>
        <translation>eine Pressung des Logbuchs</translation>
    </message>
    <message>
        <source>rpm</source>
        <translation>1/min</translation>
    </message>
    <message>
        <source>another name: a file of this name is kept already</source>
        <translation>ein anderer Name: eine Datei dieses Namens gibt es schon</translation>
    </message>
    <message>
        <source>a picture (PNG or JPEG)</source>
        <translation>ein Bild (PNG oder JPEG)</translation>
    </message>
    <message>
        <source>use</source>
        <comment>verdict</comment>
        <translation>verwendbar</translation>
    </message>
    <message>
        <source>over the bore&apos;s {1}</source>
        <translation>größer als die Bohrung des Lagers, {1}</translation>
    </message>
    <message>
        <source>at most {1}</source>
        <translation>höchstens {1}</translation>
    </message>
    <message>
        <source>1 to {1}</source>
        <translation>1 bis {1}</translation>
    </message>
    <message>
        <source>up to {1}</source>
        <translation>bis {1}</translation>
    </message>
    <message>
        <source>at least {1}</source>
        <translation>mindestens {1}</translation>
    </message>
    <message>
        <source>space of its own: the two overlap by {1} mm on the radius at {2} mm</source>
        <translation>eigenen Platz: Die beiden überschneiden sich um {1} mm im Radius bei {2} mm</translation>
    </message>
    <message>
        <source>a bore of its size in {1}</source>
        <translation>eine Bohrung seiner Größe in {1}</translation>
    </message>
    <message>
        <source>up to {1} mm</source>
        <translation>bis {1} mm</translation>
    </message>
    <message>
        <source>under {1} mm</source>
        <translation>unter {1} mm</translation>
    </message>
    <message>
        <source>over {1} mm</source>
        <translation>über {1} mm</translation>
    </message>
    <message>
        <source>0 up to under {1} mm</source>
        <translation>0 bis unter {1} mm</translation>
    </message>
    <message>
        <source>an outside over the bore {1}</source>
        <translation>ein Außendurchmesser über der Bohrung {1}</translation>
    </message>
    <message>
        <source>{1} fields</source>
        <translation>{1} Felder</translation>
    </message>
    <message>
        <source>at most {1} levels</source>
        <translation>höchstens {1} Ebenen</translation>
    </message>
    <message>
        <source>under the bore {1}</source>
        <translation>unter der Bohrung {1}</translation>
    </message>
    <message>
        <source>as many as angles: {1}</source>
        <translation>so viele wie angles: {1}</translation>
    </message>
    <message>
        <source>{1} to {2}</source>
        <translation>{1} bis {2}</translation>
    </message>
    <message>
        <source>an input of {1}</source>
        <translation>eine Angabe von {1}</translation>
    </message>
    <message>
        <source>0 to t_end_s, {1}</source>
        <translation>0 bis t_end_s, {1}</translation>
    </message>
    <message>
        <source>one of {1}</source>
        <translation>eines von {1}</translation>
    </message>
    <message>
        <source>&gt; bore {1}</source>
        <translation>&gt; Bohrung {1}</translation>
    </message>
    <message>
        <source>at most the width {1}</source>
        <translation>höchstens die Breite {1}</translation>
    </message>
    <message>
        <source>one of: {1}</source>
        <translation>eines von: {1}</translation>
    </message>
    <message>
        <source>over {1}, under {2}</source>
        <translation>über {1}, unter {2}</translation>
    </message>
    <message>
        <source>{1} up to under {2}</source>
        <translation>{1} bis unter {2}</translation>
    </message>
    <message>
        <source>0 up to under the outside {1}</source>
        <translation>0 bis unter dem Außendurchmesser {1}</translation>
    </message>
    <message>
        <source>0 up to under the length {1}</source>
        <translation>0 bis unter der Länge {1}</translation>
    </message>
    <message>
        <source>0 up to under the length less the head {1}</source>
        <translation>0 bis unter der Länge ohne den Kopf {1}</translation>
    </message>
    <message>
        <source>between the bore {1} and the outside {2}</source>
        <translation>zwischen der Bohrung {1} und dem Außendurchmesser {2}</translation>
    </message>
    <message>
        <source>over the least opening {1}</source>
        <translation>über der kleinsten Öffnung {1}</translation>
    </message>
    <message>
        <source>under the outside {1}</source>
        <translation>unter dem Außendurchmesser {1}</translation>
    </message>
    <message>
        <source>its washers, over the thread {1}</source>
        <translation>seine Scheiben, über dem Gewinde {1}</translation>
    </message>
    <message>
        <source>0 up to under {1}</source>
        <translation>0 bis unter {1}</translation>
    </message>
    <message>
        <source>over {1}</source>
        <translation>über {1}</translation>
    </message>
    <message>
        <source>over the seat {1}</source>
        <translation>über dem Sitz {1}</translation>
    </message>
    <message>
        <source>the seat&apos;s {1} mm</source>
        <translation>die {1} mm des Sitzes</translation>
    </message>
    <message>
        <source>within 1 % of {1} mm</source>
        <translation>auf 1 % genau {1} mm</translation>
    </message>
    <message>
        <source>a class given at {1} mm</source>
        <translation>eine Klasse, die es bei {1} mm gibt</translation>
    </message>
    <message>
        <source>a class that exists at {1} mm</source>
        <translation>eine Klasse, die es bei {1} mm gibt</translation>
    </message>
    <message>
        <source>{1} values</source>
        <translation>{1} Werte</translation>
    </message>
    <message>
        <source>over {1} up to {2}</source>
        <translation>über {1} bis {2}</translation>
    </message>
    <message>
        <source>the seat, {1}</source>
        <translation>der Sitz, {1}</translation>
    </message>
    <message>
        <source>under the length {1} mm</source>
        <translation>unter der Länge {1} mm</translation>
    </message>
    <message>
        <source>a free face at least {1} mm wide</source>
        <translation>eine freie Fläche von mindestens {1} mm Breite</translation>
    </message>
    <message>
        <source>under the outside {1} mm</source>
        <translation>unter dem Außendurchmesser {1} mm</translation>
    </message>
    <message>
        <source>not before {1}</source>
        <translation>nicht vor {1}</translation>
    </message>
    <message>
        <source>a height over {1}</source>
        <translation>eine Höhe über {1}</translation>
    </message>
    <message>
        <source>over the bore {1}</source>
        <translation>über der Bohrung {1}</translation>
    </message>
    <message>
        <source>slices without gaps, next from {1}</source>
        <translation>Scheiben ohne Lücken, die nächste ab {1}</translation>
    </message>
    <message>
        <source>key=value, since more than one order makes sense: {1}</source>
        <translation>Schlüssel=Wert, da mehr als eine Reihenfolge einen Sinn ergibt: {1}</translation>
    </message>
    <message>
        <source>up to {1} MiB</source>
        <translation>bis {1} MiB</translation>
    </message>
    <message>
        <source>version {1} or older</source>
        <translation>Version {1} oder älter</translation>
    </message>
    <message>
        <source>light metal gives way and grows with heat</source>
        <translation>Leichtmetall gibt nach und dehnt sich bei Wärme</translation>
    </message>
    <message>
        <source>a thin wall gives way</source>
        <translation>eine dünne Wand gibt nach</translation>
    </message>
    <message>
        <source>the ring grows with the speed</source>
        <translation>der Ring weitet sich mit der Drehzahl</translation>
    </message>
    <message>
        <source>a hollow shaft gives way</source>
        <translation>eine Hohlwelle gibt nach</translation>
    </message>
    <message numerus="yes">
        <source>%n presses</source>
        <translation>
            <numerusform>%n Pressung</numerusform>
            <numerusform>%n Pressungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n checks</source>
        <translation>
            <numerusform>%n Prüfung</numerusform>
            <numerusform>%n Prüfungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n readings</source>
        <translation>
            <numerusform>%n Ablesung</numerusform>
            <numerusform>%n Ablesungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of the kit missing: {what}</source>
        <translation>
            <numerusform>%n Teil des Satzes fehlt: {what}</numerusform>
            <numerusform>%n Teile des Satzes fehlen: {what}</numerusform>
        </translation>
    </message>
    <message>
        <source>Heat</source>
        <comment>check</comment>
        <translation>Wärme</translation>
    </message>
    <message>
        <source>as given</source>
        <translation>wie angegeben</translation>
    </message>
    <message>
        <source>Terms</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>glossary.md</source>
        <comment>the file of this language</comment>
        <translation>glossary.de.md</translation>
    </message>
    <message>
        <source>Nothing is found by these words.</source>
        <translation>Zu diesen Wörtern findet sich nichts.</translation>
    </message>
    <message>
        <source>Effective ram area [%1]</source>
        <translation>Wirksame Kolbenfläche [%1]</translation>
    </message>
    <message>
        <source>Capacity [%1]</source>
        <translation>Tragkraft [%1]</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Permitted rise</source>
        <translation>Zulässige Erwärmung</translation>
    </message>
    <message>
        <source>Permitted temperature rise: above 0, up to %1</source>
        <translation>Zulässige Erwärmung: über 0, bis %1</translation>
    </message>
    <message>
        <source>Permitted rise [%1]</source>
        <translation>Zulässige Erwärmung [%1]</translation>
    </message>
    <message>
        <source>%1 %2 at %3</source>
        <translation>%1 %2 bei %3</translation>
    </message>
    <message>
        <source>safe to start up to %1 s</source>
        <translation>Fügen sicher bis %1 s</translation>
    </message>
    <message>
        <source>grips at %1 s</source>
        <translation>klemmt nach %1 s</translation>
    </message>
    <message>
        <source>End play found with</source>
        <translation>Axialspiel gefunden mit</translation>
    </message>
    <message>
        <source>Spacer of the trial</source>
        <translation>Distanzhülse der Probe</translation>
    </message>
    <message>
        <source>spacer, %1 drawn</source>
        <translation>Distanzhülse, %1 gezeichnet</translation>
    </message>
    <message>
        <source>What killed the old bearing: %1</source>
        <translation>Woran das alte Lager starb: %1</translation>
    </message>
    <message>
        <source>What was done about it: %1</source>
        <translation>Was dagegen getan wurde: %1</translation>
    </message>
    <message>
        <source>The old bearing</source>
        <translation>Das alte Lager</translation>
    </message>
    <message>
        <source>What killed it</source>
        <translation>Woran es starb</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>What was done about it</source>
        <translation>Was dagegen getan wurde</translation>
    </message>
    <message>
        <source>As found</source>
        <translation>Wie vorgefunden</translation>
    </message>
    <message>
        <source>As found: %1</source>
        <translation>Vorgefunden: %1</translation>
    </message>
    <message>
        <source>nothing odd</source>
        <translation>nichts Auffälliges</translation>
    </message>
    <message>
        <source>{value} with it: no end play to go by.</source>
        <translation>{value} mit ihr: kein Axialspiel, auf das Verlass ist.</translation>
    </message>
    <message>
        <source>{least} to {most} for the whole band; it has {size}: grind it, both ends true</source>
        <translation>{least} bis {most} für den ganzen Bereich; sie hat {size}: schleifen, beide Enden parallel</translation>
    </message>
    <message>
        <source>{least} to {most} for the whole band; it has {size}: a longer one, or shims</source>
        <translation>{least} bis {most} für den ganzen Bereich; sie hat {size}: eine längere, oder Passscheiben</translation>
    </message>
    <message>
        <source>With which spacer was the end play found? {size} is taken, as drawn</source>
        <translation>Mit welcher Distanzhülse wurde das Axialspiel gefunden? {size} angenommen, wie gezeichnet</translation>
    </message>
    <message>
        <source>End play was found with a spacer of {size}</source>
        <translation>Axialspiel gefunden mit einer Distanzhülse von {size}</translation>
    </message>
    <message>
        <source>the one that is there has {size}: that is in the figure</source>
        <translation>die vorhandene hat {size}: das ist eingerechnet</translation>
    </message>
    <message>
        <source>set it anew on a sound {part}</source>
        <translation>neu einstellen auf einem guten Teil: {part}</translation>
    </message>
    <message>
        <source>The clamp closes {gap} at the end of the {part}</source>
        <translation>Die Klemmung schließt {gap} am Ende: {part}</translation>
    </message>
    <message>
        <source>and tilts the cone on it by {tilt} arc-min: the rollers see that</source>
        <translation>und kippt den Innenring darauf um {tilt} Winkelminuten: das sehen die Rollen</translation>
    </message>
    <message>
        <source>Push on the {part}</source>
        <translation>Hier drücken: {part}</translation>
    </message>
    <message>
        <source>its free face from {inner} to {outer}, {width} wide</source>
        <translation>freie Stirnfläche von {inner} bis {outer}, {width} breit</translation>
    </message>
    <message>
        <source>Carry the {part}</source>
        <translation>Abstützen: {part}</translation>
    </message>
    <message>
        <source>nothing comes through below it; a gap between two beams carries nothing</source>
        <translation>darunter kommt nichts durch; ein Spalt zwischen zwei Balken trägt nichts</translation>
    </message>
    <message>
        <source>the support’s bore over {size}, with {depth} free below for what comes through; a gap between two beams carries nothing</source>
        <translation>Bohrung der Auflage über {size}, darunter {depth} frei für das, was durchkommt; ein Spalt zwischen zwei Balken trägt nichts</translation>
    </message>
    <message>
        <source>Stops on the {part}</source>
        <translation>Schlägt an: {part}</translation>
    </message>
    <message>
        <source>after {travel} of travel, and not past it</source>
        <translation>nach {travel} Weg, und nicht weiter</translation>
    </message>
    <message>
        <source>A flat disc over the ring may start it</source>
        <translation>Eine ebene Scheibe über dem Ring darf anfangen</translation>
    </message>
    <message>
        <source>home is {depth} below the face: change to the sleeve after {travel}, before the disc meets the face</source>
        <translation>der Endsitz liegt {depth} unter der Fläche: nach {travel} auf die Hülse wechseln, bevor die Scheibe anstößt</translation>
    </message>
    <message>
        <source>Pack the {part} level</source>
        <translation>Waagrecht unterlegen: {part}</translation>
    </message>
    <message>
        <source>in two directions, its axis under the ram: a casting seldom sits flat</source>
        <translation>in zwei Richtungen, Achse unter dem Stempel: ein Gussteil liegt selten eben auf</translation>
    </message>
    <message>
        <source>Wipe the faces of pusher and support</source>
        <translation>Stirnflächen von Druckstück und Auflage abwischen</translation>
    </message>
    <message>
        <source>a chip under either makes it start cocked</source>
        <translation>ein Span darunter, und es beginnt schief</translation>
    </message>
    <message>
        <source>It drops when it lets go: {part}, {mass} kg</source>
        <translation>Was sich löst, fällt: {part}, {mass} kg</translation>
    </message>
    <message>
        <source>a soft tray under it at the height it drops to; hold it where it is heavy</source>
        <translation>weiche Unterlage dort, wohin es fällt; Schweres halten</translation>
    </message>
    <message>
        <source>After breakaway: unload, look, centre again</source>
        <translation>Nach dem Losbrechen: entlasten, ansehen, neu ausrichten</translation>
    </message>
    <message>
        <source>then press on</source>
        <translation>dann weiterpressen</translation>
    </message>
    <message>
        <source>Cocked: press it back out</source>
        <translation>Verkantet: wieder auspressen</translation>
    </message>
    <message>
        <source>never straighten it by more force; look at bore and ring, measure; after two false starts judge the seat anew</source>
        <translation>nie mit mehr Kraft geraderichten; Bohrung und Ring ansehen und messen; nach zwei Fehlstarts den Sitz neu beurteilen</translation>
    </message>
    <message>
        <source>Borrow or turn a sleeve</source>
        <translation>Eine Hülse leihen oder drehen</translation>
    </message>
    <message>
        <source>face within {inner} to {outer}, {length} long at least</source>
        <translation>Stirnfläche zwischen {inner} und {outer}, mindestens {length} lang</translation>
    </message>
    <message>
        <source>Borrow or turn a support for the {part}</source>
        <translation>Eine Auflage leihen oder drehen: {part}</translation>
    </message>
    <message>
        <source>bore over {size}, height {height} at least</source>
        <translation>Bohrung über {size}, Höhe mindestens {height}</translation>
    </message>
    <message>
        <source>A collet for a bore of {size}</source>
        <translation>Eine Spannzange für eine Bohrung von {size}</translation>
    </message>
    <message>
        <source>that opens from {least} to {most}, with a slide hammer and its end stop</source>
        <translation>die von {least} bis {most} spannt, mit Gleithammer und Anschlag</translation>
    </message>
    <message>
        <source>Not on the rack: {tool}</source>
        <translation>Nicht im Regal: {tool}</translation>
    </message>
    <message>
        <source>borrow, buy or turn it</source>
        <translation>leihen, kaufen oder drehen</translation>
    </message>
    <message>
        <source>A sensor or plug stands in the bore of the {part}</source>
        <translation>Ein Sensor oder Stopfen steht in der Bohrung: {part}</translation>
    </message>
    <message>
        <source>take it out first, or use only tools smaller than {size}</source>
        <translation>zuerst herausnehmen, oder nur Werkzeug unter {size}</translation>
    </message>
    <message>
        <source>The old outer ring as pusher</source>
        <translation>Der alte Außenring als Druckstück</translation>
    </message>
    <message>
        <source>ground to {size} outside, {off} under its bore, so that it comes out again; pressed, never struck, eye protection on</source>
        <translation>außen auf {size} geschliffen, {off} unter der Bohrung, damit er wieder herauskommt; gedrückt, nie geschlagen, Augenschutz</translation>
    </message>
    <message>
        <source>Heavy rust: soak it first</source>
        <translation>Starker Rost: zuerst einweichen</translation>
    </message>
    <message>
        <source>Light rust: soak it first</source>
        <translation>Leichter Rost: zuerst einweichen</translation>
    </message>
    <message>
        <source>penetrant and wait, then a blow on its free face or on the housing, then press</source>
        <translation>Rostlöser und warten, dann ein Schlag auf die freie Fläche oder das Gehäuse, dann pressen</translation>
    </message>
    <message>
        <source>Before it leaves: how the {part} sat</source>
        <translation>Bevor es herauskommt: wie es saß: {part}</translation>
    </message>
    <message>
        <source>way round, depth, angle and place, with a photo; the last hand may have been wrong</source>
        <translation>Richtung, Tiefe, Winkel und Ort, mit Foto; der Vorgänger kann sich geirrt haben</translation>
    </message>
    <message>
        <source>First spread the {ring}</source>
        <translation>Zuerst spreizen: {ring}</translation>
    </message>
    <message>
        <source>First squeeze the {ring}</source>
        <translation>Zuerst zusammendrücken: {ring}</translation>
    </message>
    <message>
        <source>out of its groove, no farther than it needs; until then nothing moves</source>
        <translation>aus der Nut, nicht weiter als nötig; vorher bewegt sich nichts</translation>
    </message>
    <message>
        <source>out of its groove, at {place}, no farther than it needs; until then nothing moves</source>
        <translation>aus der Nut, bei: {place}, nicht weiter als nötig; vorher bewegt sich nichts</translation>
    </message>
    <message>
        <source>The {ring} alone holds the {part}</source>
        <translation>{ring} allein hält: {part}</translation>
    </message>
    <message>
        <source>nothing else keeps it in: it is proven all round when it goes back</source>
        <translation>sonst hält es nichts: beim Einbau ringsum nachgewiesen</translation>
    </message>
    <message>
        <source>Free the rusted ring</source>
        <translation>Den verrosteten Ring lösen</translation>
    </message>
    <message>
        <source>soak, clean the eyes, tap until it turns in its groove, then squeeze</source>
        <translation>einweichen, Augen reinigen, klopfen, bis er sich in der Nut dreht, dann zusammendrücken</translation>
    </message>
    <message>
        <source>A lug is broken</source>
        <translation>Ein Auge ist abgebrochen</translation>
    </message>
    <message>
        <source>hook the stump out of its groove from the gap with a scriber, keep the ring from turning, eye protection on</source>
        <translation>den Stumpf vom Spalt her mit der Reißnadel aus der Nut haken, den Ring gegen Drehen halten, Augenschutz</translation>
    </message>
    <message>
        <source>Lift stake or tab before the {part} turns</source>
        <translation>Verstemmung oder Sicherungslasche lösen, bevor gedreht wird: {part}</translation>
    </message>
    <message>
        <source>or it takes the thread with it</source>
        <translation>sonst nimmt sie das Gewinde mit</translation>
    </message>
    <message>
        <source>Pry the {part} at its rim</source>
        <translation>Am Rand abhebeln: {part}</translation>
    </message>
    <message>
        <source>away from bore and shaft, the edge of the {partner} protected; note depth and side first</source>
        <translation>weg von Bohrung und Welle, die Kante geschützt: {partner}; vorher Tiefe und Seite notieren</translation>
    </message>
    <message>
        <source>without touching the track of the {partner}; note depth and side first</source>
        <translation>ohne die Lauffläche zu berühren: {partner}; vorher Tiefe und Seite notieren</translation>
    </message>
    <message>
        <source>{part} is fitted once</source>
        <translation>{part}: wird nur einmal eingebaut</translation>
    </message>
    <message>
        <source>it is spoilt when it comes off: pry it off, a new one before its partner goes back</source>
        <translation>beim Abziehen verdorben: abhebeln, ein neues, bevor das Gegenstück zurückkommt</translation>
    </message>
    <message>
        <source>a new one; a trial fit counts</source>
        <translation>ein neues; eine Probemontage zählt</translation>
    </message>
    <message numerus="yes">
        <source>%n cut-outs: go round</source>
        <translation>
            <numerusform>%n Aussparung: der Reihe nach treiben</numerusform>
            <numerusform>%n Aussparungen: der Reihe nach treiben</numerusform>
        </translation>
    </message>
    <message>
        <source>Cut-outs: count them, go round</source>
        <translation>Aussparungen: zählen, der Reihe nach treiben</translation>
    </message>
    <message>
        <source>one after the other, a little at each, round and round</source>
        <translation>eine nach der anderen, jedes Mal ein wenig, rundum</translation>
    </message>
    <message>
        <source>crosswise, a little at each, so that it does not cock</source>
        <translation>über Kreuz, jedes Mal ein wenig, damit nichts verkantet</translation>
    </message>
    <message>
        <source>Put the inner ring back in</source>
        <translation>Den Innenring wieder einlegen</translation>
    </message>
    <message>
        <source>to push or pull on; else the bore of the outer ring is taken: no collet grips where no ring is</source>
        <translation>zum Drücken oder Ziehen; sonst die Bohrung des Außenrings nehmen: wo kein Ring ist, greift keine Spannzange</translation>
    </message>
    <message>
        <source>If half the inner ring stays on the {part}</source>
        <translation>Wenn der halbe Innenring sitzen bleibt auf: {part}</translation>
    </message>
    <message>
        <source>Warm the {part} to {temp} at most</source>
        <translation>Höchstens auf {temp} wärmen: {part}</translation>
    </message>
    <message>
        <source>what comes out is scrap; hotter, its grease and seals char</source>
        <translation>was herauskommt, ist Schrott; heißer verkohlen Fett und Dichtungen</translation>
    </message>
    <message>
        <source>a sealed bearing stays in: its grease bears no more</source>
        <translation>ein abgedichtetes Lager bleibt drin: mehr verträgt sein Fett nicht</translation>
    </message>
    <message>
        <source>Oil inside: tilt it away from the side you open</source>
        <translation>Öl im Gehäuse: von der zu öffnenden Seite weg kippen</translation>
    </message>
    <message>
        <source>plug the opening with a clean rag</source>
        <translation>die Öffnung mit einem sauberen Lappen verschließen</translation>
    </message>
    <message numerus="yes">
        <source>Count what came out: %n parts</source>
        <translation>
            <numerusform>Zählen, was herauskam: %n Teil</numerusform>
            <numerusform>Zählen, was herauskam: %n Teile</numerusform>
        </translation>
    </message>
    <message>
        <source>half rings, covers, balls and stumps too: a missing piece is still inside, and nothing goes in until it is found</source>
        <translation>auch halbe Ringe, Deckscheiben, Kugeln und Stümpfe: ein fehlendes Stück ist noch drin, und nichts geht hinein, bis es gefunden ist</translation>
    </message>
    <message>
        <source>No way round of its own: {part}</source>
        <translation>Keine bestimmte Einbaurichtung: {part}</translation>
    </message>
    <message>
        <source>its number to the side where it can be read</source>
        <translation>die Nummer auf die Seite, wo man sie lesen kann</translation>
    </message>
    <message>
        <source>{part}: flat side to what it holds</source>
        <translation>{part}: ebene Seite zu dem, was er hält</translation>
    </message>
    <message>
        <source>the bevel to its retaining ring, if it has one</source>
        <translation>die Fase zum Sicherungsring, wenn einer da ist</translation>
    </message>
    <message>
        <source>Centre the {part} with grease</source>
        <translation>Mit Fett zentrieren: {part}</translation>
    </message>
    <message>
        <source>before the second bearing; try the mandrel through before that one is home</source>
        <translation>vor dem zweiten Lager; den Dorn durchprobieren, bevor dieses sitzt</translation>
    </message>
    <message>
        <source>Driver on the rim of the seal’s back</source>
        <translation>Eintreiber auf den Rand der Dichtungsrückseite</translation>
    </message>
    <message>
        <source>Seal flush with the face</source>
        <translation>Dichtung bündig mit der Fläche</translation>
    </message>
    <message>
        <source>a driver that overlaps the face brings it there</source>
        <translation>ein Eintreiber, der über die Fläche reicht, bringt sie dorthin</translation>
    </message>
    <message>
        <source>Seal {depth} below the face</source>
        <translation>Dichtung {depth} unter der Fläche</translation>
    </message>
    <message>
        <source>a stepped driver brings it there</source>
        <translation>ein abgesetzter Eintreiber bringt sie dorthin</translation>
    </message>
    <message>
        <source>Grease the lip of the {part}, cover what passes it</source>
        <translation>Lippe fetten, was hindurchgeht, abdecken: {part}</translation>
    </message>
    <message>
        <source>splines, threads and steps up to {size} go through a lip of {lip}; carry the shaft, do not drag it</source>
        <translation>Keile, Gewinde und Absätze bis {size} gehen durch eine Lippe von {lip}; die Welle tragen, nicht schleifen lassen</translation>
    </message>
    <message>
        <source>The lip runs on the {part}</source>
        <translation>Die Lippe läuft auf: {part}</translation>
    </message>
    <message>
        <source>its outside is {size}: the seal must be made for that</source>
        <translation>außen {size}: dafür muss die Dichtung gemacht sein</translation>
    </message>
    <message>
        <source>Gap of the ring lowest</source>
        <translation>Spalt des Rings nach unten</translation>
    </message>
    <message>
        <source>as it will stand in the machine, so that water drains; probe it all round</source>
        <translation>wie es in der Maschine steht, damit Wasser abläuft; ringsum abtasten</translation>
    </message>
    <message>
        <source>How it will come out again: {method}</source>
        <translation>Wie es wieder herauskommt: {method}</translation>
    </message>
    <message>
        <source>{value} to take hold of</source>
        <translation>{value} zum Angreifen</translation>
    </message>
    <message>
        <source>The {part} will not come out again whole</source>
        <translation>Kommt nicht wieder heil heraus: {part}</translation>
    </message>
    <message>
        <source>no land, notch or thread to take hold of: be sure before it goes in</source>
        <translation>keine Fläche, Aussparung oder Gewinde zum Angreifen: sicher sein, bevor es hineingeht</translation>
    </message>
    <message>
        <source>{part}: run it by hand over its whole thread</source>
        <translation>{part}: von Hand über das ganze Gewinde drehen</translation>
    </message>
    <message>
        <source>a torn thread is a replaced spindle</source>
        <translation>ein ausgerissenes Gewinde heißt neue Spindel</translation>
    </message>
    <message>
        <source>Legs of the pin clear of cap and boot</source>
        <translation>Schenkel des Splints frei von Kappe und Manschette</translation>
    </message>
    <message>
        <source>bent so that nothing rubs on them</source>
        <translation>so gebogen, dass nichts daran reibt</translation>
    </message>
    <message>
        <source>Drive the cap on its rim</source>
        <translation>Die Kappe am Rand eintreiben</translation>
    </message>
    <message>
        <source>by a ring, round and round, never on its middle</source>
        <translation>mit einem Ring, reihum, nie auf die Mitte</translation>
    </message>
    <message>
        <source>Oil it by hand before the first turn</source>
        <translation>Vor der ersten Umdrehung von Hand ölen</translation>
    </message>
    <message>
        <source>then refill to the level</source>
        <translation>dann bis zum Stand auffüllen</translation>
    </message>
    <message>
        <source>The way round of the {part} contradicts the drawing</source>
        <translation>Die Einbaurichtung widerspricht der Zeichnung: {part}</translation>
    </message>
    <message>
        <source>the section shows it the other way: settle which is right</source>
        <translation>der Schnitt zeigt es andersherum: klären, was stimmt</translation>
    </message>
    <message>
        <source>Try the whole stack cold first</source>
        <translation>Den ganzen Aufbau zuerst kalt probieren</translation>
    </message>
    <message>
        <source>sleeve, support, stroke and reach, before anything leaves oven or freezer</source>
        <translation>Hülse, Auflage, Hub und Reichweite, bevor etwas Ofen oder Kühltruhe verlässt</translation>
    </message>
    <message>
        <source>The temperature decides, not the minutes</source>
        <translation>Die Temperatur entscheidet, nicht die Minuten</translation>
    </message>
    <message>
        <source>measured in three places; minutes are for planning</source>
        <translation>an drei Stellen gemessen; Minuten sind zum Planen</translation>
    </message>
    <message>
        <source>Measure has scrapped a seat: {part}</source>
        <translation>Der Sitz ist nach dem Messen Schrott: {part}</translation>
    </message>
    <message>
        <source>nothing goes on it until it is sleeved, replaced or overruled</source>
        <translation>nichts kommt darauf, bis er gebuchst, ersetzt oder anders entschieden ist</translation>
    </message>
    <message>
        <source>Missing: {part}</source>
        <translation>Fehlt: {part}</translation>
    </message>
    <message>
        <source>tick it at Intake when it is on the bench</source>
        <translation>bei Annahme abhaken, wenn es auf der Werkbank liegt</translation>
    </message>
    <message>
        <source>What killed the old bearing is not said</source>
        <translation>Woran das alte Lager starb, ist nicht gesagt</translation>
    </message>
    <message>
        <source>unknown, it may do so again: say it, and what was done</source>
        <translation>unbekannt kann es wieder geschehen: angeben, und was getan wurde</translation>
    </message>
    <message>
        <source>What was done about it? {cause}</source>
        <translation>Was wurde dagegen getan? {cause}</translation>
    </message>
    <message>
        <source>or the new bearing goes the same way</source>
        <translation>sonst geht das neue Lager denselben Weg</translation>
    </message>
    <message>
        <source>Ear protection when striking</source>
        <translation>Gehörschutz beim Schlagen</translation>
    </message>
    <message>
        <source>never spin a bearing with compressed air</source>
        <translation>nie ein Lager mit Druckluft drehen</translation>
    </message>
    <message>
        <source>{size} ({least}…{most})</source>
        <translation>{size} ({least}…{most})</translation>
    </message>
    <message>
        <source>{part}: {side}</source>
        <translation>{part}: {side}</translation>
    </message>
    <message>
        <source>The tool is missing</source>
        <translation>Das Werkzeug fehlt</translation>
    </message>
    <message>
        <source>the magnetised side, found with magnetic film or card; it faces the sensor; keep it from magnets, leave it wrapped until now</source>
        <translation>die magnetisierte Seite, mit Magnetfolie oder -karte gefunden; zum Sensor; von Magneten fernhalten, bis jetzt eingepackt lassen</translation>
    </message>
    <message>
        <source>spring and lip face what is kept in; outward where water must stay out: ask</source>
        <translation>Feder und Lippe zu dem, was drinbleiben soll; nach außen, wo Wasser draußen bleiben muss: nachfragen</translation>
    </message>
    <message>
        <source>the large radius goes to the shaft’s fillet; it must clear the fillet’s radius</source>
        <translation>der große Radius zur Hohlkehle der Welle; er muss deren Radius freigehen</translation>
    </message>
    <message>
        <source>inner ring missing</source>
        <translation>Innenring fehlt</translation>
    </message>
    <message>
        <source>lug of a retaining ring broken</source>
        <translation>Auge eines Sicherungsrings abgebrochen</translation>
    </message>
    <message>
        <source>oil inside</source>
        <translation>Öl im Gehäuse</translation>
    </message>
    <message>
        <source>Eye and ear protection; a soft drift, never hardened steel on hardened steel.</source>
        <translation>Augen- und Gehörschutz; ein weicher Dorn, nie gehärteter Stahl auf gehärteten Stahl.</translation>
    </message>
    <message>
        <source>{method}: not on the rack</source>
        <translation>{method}: nicht im Regal</translation>
    </message>
    <message>
        <source>grind a relief, {relief} short of the {partner}, and split it with a chisel; a cut that reached it: stone the raised edge, measure its depth</source>
        <translation>bis {relief} davor einschleifen ({partner}) und mit dem Meißel sprengen; ein Schnitt, der es erreicht hat: Grat abziehen, Tiefe messen</translation>
    </message>
    <message>
        <source>Stop after</source>
        <translation>Anhalten nach</translation>
    </message>
    <message>
        <source>then put in {spacer}, and on for</source>
        <translation>dann {spacer} einlegen, und weiter um</translation>
    </message>
    <message>
        <source>{1} with suffixes as 2RS, ZZ, C3, P5, NR, TN</source>
        <translation>{1} mit Nachsetzzeichen wie 2RS, ZZ, C3, P5, NR, TN</translation>
    </message>
    <message>
        <source>Scrap: {part}</source>
        <translation>Schrott: {part}</translation>
    </message>
    <message>
        <source>End play {value}, on a part that is scrap</source>
        <translation>Axialspiel {value}, auf einem Teil, das Schrott ist</translation>
    </message>
    <message>
        <source>A press, a hand press or a draw bolt</source>
        <translation>Eine Presse, eine Handpresse oder eine Zugschraube</translation>
    </message>
    <message>
        <source>{force} at least, {travel} of travel</source>
        <translation>mindestens {force}, {travel} Weg</translation>
    </message>
    <message>
        <source>{travel} of travel; how much force is not known yet</source>
        <translation>{travel} Weg; die Kraft ist noch nicht bekannt</translation>
    </message>
    <message>
        <source>A bench vice will do</source>
        <translation>Ein Schraubstock genügt</translation>
    </message>
    <message>
        <source>with a flat block on its rim, a little at a time all round; or a hammer and a block: the force is not measured</source>
        <translation>mit einem ebenen Klotz auf dem Rand, rundum immer ein wenig; oder Hammer und Klotz: die Kraft wird nicht gemessen</translation>
    </message>
    <message>
        <source>It goes in by its shaft alone, through the rolling elements of the {part}</source>
        <translation>Geht nur über seine Welle hinein, durch die Wälzkörper: {part}</translation>
    </message>
    <message>
        <source>sliding fit or a warm bore; {force} at most, a tenth of its axial rating; no hammer on the shaft’s end</source>
        <translation>Gleitsitz oder warme Bohrung; höchstens {force}, ein Zehntel der axialen Tragzahl; kein Hammer auf das Wellenende</translation>
    </message>
    <message>
        <source>sliding fit or a warm bore: it carries no axial load at all; no hammer on the shaft’s end</source>
        <translation>Gleitsitz oder warme Bohrung: es trägt gar keine Axiallast; kein Hammer auf das Wellenende</translation>
    </message>
    <message>
        <source>This method leaves {range} of end play: {method}</source>
        <translation>Dieses Verfahren lässt {range} Axialspiel: {method}</translation>
    </message>
    <message>
        <source>Read the drag bare, before the clamp, then at each step of torque</source>
        <translation>Das Schleppmoment blank ablesen, vor dem Klemmen, dann bei jeder Momentstufe</translation>
    </message>
    <message>
        <source>belts, seals and brakes off, or named: they drag as well</source>
        <translation>Riemen, Dichtungen und Bremsen ab, oder benannt: sie schleppen mit</translation>
    </message>
    <message>
        <source>Oil the thread of {bolt}, start it square</source>
        <translation>Gewinde ölen, gerade ansetzen: {bolt}</translation>
    </message>
    <message>
        <source>hand wrench only</source>
        <translation>nur Handschlüssel</translation>
    </message>
    <message>
        <source>No press and no tools for this yet</source>
        <translation>Noch nichts, womit es geht</translation>
    </message>
    <message>
        <source>Borrow, buy or turn:</source>
        <translation>Was zu leihen, kaufen oder drehen ist:</translation>
    </message>
    <message>
        <source>no land for a knife or a claw behind it: grind a relief {short} short of the seat and split it</source>
        <translation>dahinter keine Fläche für Messer oder Kralle: bis {short} vor den Sitz einschleifen und sprengen</translation>
    </message>
    <message>
        <source>{size} behind it for a knife or a claw; else grind a relief {short} short of the seat and split it</source>
        <translation>dahinter {size} für Messer oder Kralle; sonst bis {short} vor den Sitz einschleifen und sprengen</translation>
    </message>
    <message>
        <source>The {part} is hollow: a centre plug for the puller’s screw</source>
        <translation>Hohl ist: {part}; ein Druckstück für die Spindel des Abziehers</translation>
    </message>
    <message>
        <source>for its bore of {size}</source>
        <translation>für die Bohrung {size}</translation>
    </message>
    <message>
        <source>Or warm the ring fast to {rise} over the {part}</source>
        <translation>Oder den Ring rasch {rise} wärmer machen als: {part}</translation>
    </message>
    <message>
        <source>and let it drop: it is scrap; seals and grease off first, their char burns the skin</source>
        <translation>und abfallen lassen: er ist Schrott; vorher Dichtungen und Fett entfernen, ihre Rückstände verätzen die Haut</translation>
    </message>
    <message>
        <source>it can leave preload; set it by the indicator</source>
        <translation>es kann Vorspannung bleiben; mit der Messuhr einstellen</translation>
    </message>
    <message>
        <source>about {times} times too much; set it by the indicator</source>
        <translation>etwa das {times}-Fache zu viel; mit der Messuhr einstellen</translation>
    </message>
    <message>
        <source>too little; set it by the indicator</source>
        <translation>zu wenig; mit der Messuhr einstellen</translation>
    </message>
    <message>
        <source>not wholly inside the band; set it by the indicator</source>
        <translation>nicht ganz in der Spanne; mit der Messuhr einstellen</translation>
    </message>
    <message>
        <source>Stack tried cold</source>
        <translation>Aufbau kalt probiert</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>yes: sleeve, support, stroke and reach</source>
        <translation>ja: Hülse, Auflage, Hub und Reichweite</translation>
    </message>
    <message>
        <source>its free end, {outer}</source>
        <translation>sein freies Ende, {outer}</translation>
    </message>
    <message>
        <source>{inner} to {outer}, nothing inside {lip}; never carry it by its lip</source>
        <translation>{inner} bis {outer}, nichts innerhalb {lip}; nie an der Lippe tragen</translation>
    </message>
    <message>
        <source>{inner} to {outer}, nothing outside {lip}; never carry it by its lip</source>
        <translation>{inner} bis {outer}, nichts außerhalb {lip}; nie an der Lippe tragen</translation>
    </message>
    <message>
        <source>What the work is done with</source>
        <translation>Womit gearbeitet wird</translation>
    </message>
    <message>
        <source>{part} stops on the tube, not past it</source>
        <translation>{part}: schlägt am Rohr an, nicht weiter</translation>
    </message>
    <message>
        <source>home is where it touches the {tube}: watch the travel, hold no load</source>
        <translation>Endsitz ist, wo es anliegt: {tube}; auf den Weg achten, keine Last halten</translation>
    </message>
    <message>
        <source>hammer on {tool}, a little all round</source>
        <translation>Hammer auf {tool}, rundum immer ein wenig</translation>
    </message>
    <message>
        <source>draw bolt, on the machine</source>
        <translation>Zugschraube, an der Maschine</translation>
    </message>
    <message>
        <source>by hand: no press, no bolt</source>
        <translation>von Hand: keine Presse, keine Zugschraube</translation>
    </message>
    <message>
        <source>Sleeve on the wrong ring</source>
        <translation>Hülse auf dem falschen Ring</translation>
    </message>
    <message>
        <source>Sleeve too small</source>
        <translation>Hülse zu klein</translation>
    </message>
    <message>
        <source>Sleeve too large for the bore</source>
        <translation>Hülse zu groß für die Bohrung</translation>
    </message>
    <message>
        <source>Driver on the lip of a seal</source>
        <translation>Druckstück auf der Dichtlippe</translation>
    </message>
    <message>
        <source>Sleeve hits a sensor</source>
        <translation>Hülse trifft einen Sensor</translation>
    </message>
    <message>
        <source>Sleeve hits a stud</source>
        <translation>Hülse trifft einen Stehbolzen</translation>
    </message>
    <message>
        <source>Pilot stops it short of home</source>
        <translation>Zapfen hält es vor dem Anschlag auf</translation>
    </message>
    <message>
        <source>Hard steel on a hardened ring</source>
        <translation>Harter Stahl auf gehärtetem Ring</translation>
    </message>
    <message>
        <source>Stack too tall</source>
        <translation>Aufbau zu hoch</translation>
    </message>
    <message>
        <source>Stroke runs out</source>
        <translation>Hub reicht nicht</translation>
    </message>
    <message>
        <source>Gap in the bed too wide</source>
        <translation>Spalt im Tisch zu weit</translation>
    </message>
    <message>
        <source>Wrong order</source>
        <translation>Falsche Reihenfolge</translation>
    </message>
    <message>
        <source>Captive part forgotten</source>
        <translation>Gefangenes Teil vergessen</translation>
    </message>
    <message>
        <source>Spacer tube forgotten</source>
        <translation>Distanzrohr vergessen</translation>
    </message>
    <message>
        <source>Part missing</source>
        <translation>Teil fehlt</translation>
    </message>
    <message>
        <source>Encoder away from its sensor</source>
        <translation>Geberseite vom Sensor abgewandt</translation>
    </message>
    <message>
        <source>Taper cup the wrong way round</source>
        <translation>Kegelrollenlager-Außenring verkehrt herum</translation>
    </message>
    <message>
        <source>Seal the wrong way round</source>
        <translation>Dichtring verkehrt herum</translation>
    </message>
    <message>
        <source>Retaining ring the wrong way round</source>
        <translation>Sicherungsring verkehrt herum</translation>
    </message>
    <message>
        <source>Curved side away from the fillet</source>
        <translation>Runde Seite von der Hohlkehle abgewandt</translation>
    </message>
    <message>
        <source>Pilot side the wrong way round</source>
        <translation>Zentrierseite verkehrt herum</translation>
    </message>
    <message>
        <source>Way round written against the drawing</source>
        <translation>Einbaulage entgegen der Zeichnung eingetragen</translation>
    </message>
    <message>
        <source>Spacer short</source>
        <translation>Distanzring zu kurz</translation>
    </message>
    <message>
        <source>Spacer flared</source>
        <translation>Distanzring aufgestaucht</translation>
    </message>
    <message>
        <source>Spacer out of square</source>
        <translation>Distanzring nicht rechtwinklig</translation>
    </message>
    <message>
        <source>Ring loose in its bore</source>
        <translation>Ring lose in seiner Bohrung</translation>
    </message>
    <message>
        <source>Bore worn</source>
        <translation>Bohrung verschlissen</translation>
    </message>
    <message>
        <source>Journal worn</source>
        <translation>Lagersitz der Welle verschlissen</translation>
    </message>
    <message>
        <source>Seat out of round</source>
        <translation>Sitz unrund</translation>
    </message>
    <message>
        <source>Rust pits in a seat</source>
        <translation>Rostnarben im Sitz</translation>
    </message>
    <message>
        <source>Ring blued by heat</source>
        <translation>Ring blau angelaufen</translation>
    </message>
    <message>
        <source>Reading mistyped</source>
        <translation>Messwert vertippt</translation>
    </message>
    <message>
        <source>Wrong unit</source>
        <translation>Falsche Einheit</translation>
    </message>
    <message>
        <source>Too hot</source>
        <translation>Zu heiß</translation>
    </message>
    <message>
        <source>Too cold</source>
        <translation>Zu kalt</translation>
    </message>
    <message>
        <source>Seal in the warmth</source>
        <translation>Dichtung in der Wärme</translation>
    </message>
    <message>
        <source>Window missed</source>
        <translation>Zeitfenster verpasst</translation>
    </message>
    <message>
        <source>Crooked start</source>
        <translation>Schief angesetzt</translation>
    </message>
    <message>
        <source>Stopped short of home</source>
        <translation>Vor dem Anschlag aufgehört</translation>
    </message>
    <message>
        <source>Chip under the ring</source>
        <translation>Span unter dem Ring</translation>
    </message>
    <message>
        <source>Wrong part, or dry</source>
        <translation>Falsches Teil, oder trocken</translation>
    </message>
    <message>
        <source>Hardly tight</source>
        <translation>Kaum fest</translation>
    </message>
    <message>
        <source>Gripped early</source>
        <translation>Zu früh gegriffen</translation>
    </message>
    <message>
        <source>Support moved</source>
        <translation>Unterlage verrutscht</translation>
    </message>
    <message>
        <source>Gauge of another press</source>
        <translation>Manometer einer anderen Presse</translation>
    </message>
    <message>
        <source>Ring short of home by its readings</source>
        <translation>Ring nach den Messwerten nicht am Anschlag</translation>
    </message>
    <message>
        <source>Ring out of square</source>
        <translation>Ring steht schief</translation>
    </message>
    <message>
        <source>Burr under one place</source>
        <translation>Grat unter einer Messstelle</translation>
    </message>
    <message>
        <source>Retaining ring not in its groove</source>
        <translation>Sicherungsring nicht in der Nut</translation>
    </message>
    <message>
        <source>End play too large</source>
        <translation>Axialspiel zu groß</translation>
    </message>
    <message>
        <source>End play too small</source>
        <translation>Axialspiel zu klein</translation>
    </message>
    <message>
        <source>Washer the wrong way</source>
        <translation>Scheibe in die falsche Richtung geändert</translation>
    </message>
    <message>
        <source>{part} is warmed beyond what it bears</source>
        <translation>Über das Erlaubte erwärmt: {part}</translation>
    </message>
    <message>
        <source>A hardened ring is chilled until it may change</source>
        <translation>Ein gehärteter Ring wird so tief gekühlt, dass er sich verändern kann</translation>
    </message>
    <message>
        <source>{part} is warmed with a sealed bearing in it</source>
        <translation>Mit einem abgedichteten Lager darin erwärmt: {part}</translation>
    </message>
    <message>
        <source>The warm part stands until it is cold again</source>
        <translation>Das warme Teil steht, bis es wieder kalt ist</translation>
    </message>
    <message>
        <source>The spacer is too short</source>
        <translation>Der Distanzring ist zu kurz</translation>
    </message>
    <message>
        <source>An end of the spacer is flared</source>
        <translation>Ein Ende des Distanzrings ist aufgestaucht</translation>
    </message>
    <message>
        <source>An end of the spacer is out of square</source>
        <translation>Ein Ende des Distanzrings ist nicht rechtwinklig</translation>
    </message>
    <message>
        <source>The ring can be turned in its bore by hand</source>
        <translation>Der Ring lässt sich in seiner Bohrung von Hand drehen</translation>
    </message>
    <message>
        <source>The bore is worn over its limit</source>
        <translation>Die Bohrung ist über ihr Grenzmaß verschlissen</translation>
    </message>
    <message>
        <source>The journal is worn under its limit</source>
        <translation>Der Lagersitz der Welle ist unter sein Grenzmaß verschlissen</translation>
    </message>
    <message>
        <source>The seat is out of round</source>
        <translation>Der Sitz ist unrund</translation>
    </message>
    <message>
        <source>Rust has pitted the seat</source>
        <translation>Rost hat Narben im Sitz hinterlassen</translation>
    </message>
    <message>
        <source>A ring has been blue with heat, and feels good</source>
        <translation>Ein Ring ist blau angelaufen und fühlt sich gut an</translation>
    </message>
    <message>
        <source>One reading of the seat is mistyped</source>
        <translation>Ein Messwert des Sitzes ist vertippt</translation>
    </message>
    <message>
        <source>The seat was measured in inches, and typed as millimetres</source>
        <translation>Der Sitz wurde in Zoll gemessen und als Millimeter eingetippt</translation>
    </message>
    <message>
        <source>{part} goes in before {other}, which has no way in any more</source>
        <translation>{part} kommt hinein, bevor {other} drin ist, und versperrt den Weg</translation>
    </message>
    <message>
        <source>{part} goes in the wrong way round</source>
        <translation>Verkehrt herum eingebaut: {part}</translation>
    </message>
    <message>
        <source>{part} is to come out while something holds it</source>
        <translation>Soll heraus, wird aber noch gehalten: {part}</translation>
    </message>
    <message>
        <source>{part} is not on the bench</source>
        <translation>Liegt nicht auf der Werkbank: {part}</translation>
    </message>
    <message>
        <source>{part}: what is written of its way round is not what is drawn</source>
        <translation>{part}: die eingetragene Einbaulage ist nicht die gezeichnete</translation>
    </message>
    <message>
        <source>It went in crooked, bit, and jumped straight</source>
        <translation>Es ging schief hinein, fraß sich fest und sprang gerade</translation>
    </message>
    <message>
        <source>The ram was stopped before it was home</source>
        <translation>Der Stempel wurde vor dem Anschlag angehalten</translation>
    </message>
    <message>
        <source>A chip lies under the ring</source>
        <translation>Unter dem Ring liegt ein Span</translation>
    </message>
    <message>
        <source>The surfaces pick up on each other</source>
        <translation>Die Flächen fressen</translation>
    </message>
    <message>
        <source>It went in warm, and gripped on the way</source>
        <translation>Es ging warm hinein und griff unterwegs</translation>
    </message>
    <message>
        <source>The work jumped on its support</source>
        <translation>Das Werkstück sprang auf seiner Unterlage</translation>
    </message>
    <message>
        <source>The seat is dry</source>
        <translation>Der Sitz ist trocken</translation>
    </message>
    <message>
        <source>The ring is larger than its seat was made for</source>
        <translation>Der Ring ist größer, als sein Sitz vorsieht</translation>
    </message>
    <message>
        <source>The seat hardly holds the ring</source>
        <translation>Der Sitz hält den Ring kaum</translation>
    </message>
    <message>
        <source>The gauge that was read belongs to another press</source>
        <translation>Das abgelesene Manometer gehört zu einer anderen Presse</translation>
    </message>
    <message>
        <source>The ring stands short of home</source>
        <translation>Der Ring steht nicht am Anschlag</translation>
    </message>
    <message>
        <source>The ring stands out of square</source>
        <translation>Der Ring steht schief</translation>
    </message>
    <message>
        <source>A burr stands under one of the readings</source>
        <translation>Unter einer Messstelle steht ein Grat</translation>
    </message>
    <message>
        <source>The retaining ring is not in its groove all round</source>
        <translation>Der Sicherungsring sitzt nicht ringsum in seiner Nut</translation>
    </message>
    <message>
        <source>There is more end play than the band allows</source>
        <translation>Das Axialspiel ist größer als erlaubt</translation>
    </message>
    <message>
        <source>There is less end play than the band allows</source>
        <translation>Das Axialspiel ist kleiner als erlaubt</translation>
    </message>
    <message>
        <source>A thinner washer went in where a thicker one was wanted</source>
        <translation>Eine dünnere Scheibe wurde eingebaut, wo eine dickere nötig war</translation>
    </message>
    <message>
        <source>A thicker washer went in where a thinner one was wanted</source>
        <translation>Eine dickere Scheibe wurde eingebaut, wo eine dünnere nötig war</translation>
    </message>
    <message>
        <source>The sleeve stands on the inner ring</source>
        <translation>Die Hülse steht auf dem Innenring</translation>
    </message>
    <message>
        <source>The sleeve stands on the outer ring</source>
        <translation>Die Hülse steht auf dem Außenring</translation>
    </message>
    <message>
        <source>The sleeve is Ø{size}, its ring begins at Ø{limit}</source>
        <translation>Die Hülse hat Ø{size}, der Ring beginnt bei Ø{limit}</translation>
    </message>
    <message>
        <source>The sleeve is Ø{size}, the bore Ø{limit}</source>
        <translation>Die Hülse hat Ø{size}, die Bohrung Ø{limit}</translation>
    </message>
    <message>
        <source>The driver is Ø{size}: inside the rim of the seal, on its lip</source>
        <translation>Das Druckstück hat Ø{size}: innerhalb des Randes, auf der Dichtlippe</translation>
    </message>
    <message>
        <source>A sensor stands in the bore, Ø{limit} at its tip; the sleeve is Ø{size}</source>
        <translation>In der Bohrung steht ein Sensor, Ø{limit} an seiner Spitze; die Hülse hat Ø{size}</translation>
    </message>
    <message>
        <source>The head of the sleeve comes down on the studs round the bore</source>
        <translation>Der Kopf der Hülse setzt auf den Stehbolzen um die Bohrung auf</translation>
    </message>
    <message>
        <source>The pilot of the adapter under the ring stops what comes through it</source>
        <translation>Der Zapfen des Adapters unter dem Ring hält auf, was hindurchkommt</translation>
    </message>
    <message>
        <source>A hardened socket is struck with a hammer on a hardened ring</source>
        <translation>Mit dem Hammer wird eine gehärtete Nuss auf einen gehärteten Ring geschlagen</translation>
    </message>
    <message>
        <source>A hardened socket is used on a hardened ring</source>
        <translation>Eine gehärtete Nuss wird auf einem gehärteten Ring benutzt</translation>
    </message>
    <message>
        <source>The sleeve is {height} tall on Ø{size}</source>
        <translation>Die Hülse ist {height} hoch bei Ø{size}</translation>
    </message>
    <message>
        <source>The ram has {size} of stroke, the ring travels {limit}</source>
        <translation>Der Stempel hat {size} Hub, der Ring hat {limit} Weg</translation>
    </message>
    <message>
        <source>The gap in the bed is wider than all that lies on it</source>
        <translation>Der Spalt im Tisch ist breiter als alles, was darauf liegt</translation>
    </message>
    <message>
        <source>Straw or blue: replace it, even if it feels good</source>
        <translation>Strohgelb oder blau: ersetzen, auch wenn es sich gut anfühlt</translation>
    </message>
    <message>
        <source>heat has softened it; what it ran on as well</source>
        <translation>die Hitze hat es weich gemacht; auch das, worauf es lief</translation>
    </message>
    <message>
        <source>as far as home, {limit}; it must not be loaded further: prove it by its depth</source>
        <translation>bis zum Anschlag, {limit}; es darf nicht weiter belastet werden: mit der Tiefe nachweisen</translation>
    </message>
    <message>
        <source>Another seat has a stop: settle it first.</source>
        <translation>Ein anderer Sitz hat einen Stopp: zuerst klären.</translation>
    </message>
    <message>
        <source>The {part} would block access for {others}: fit that first</source>
        <translation>Danach ist der Weg versperrt für: {others}; das zuerst einbauen, dann: {part}</translation>
    </message>
    <message>
        <source>On the bench, before it is stripped</source>
        <translation>Auf der Werkbank, bevor zerlegt wird</translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht da</translation>
    </message>
    <message>
        <source>Put together, in this order</source>
        <translation>Zusammengebaut, in dieser Reihenfolge</translation>
    </message>
    <message>
        <source>Taken apart, in this order</source>
        <translation>Zerlegt, in dieser Reihenfolge</translation>
    </message>
    <message>
        <source>Measured: {part}</source>
        <translation>Gemessen: {part}</translation>
    </message>
    <message>
        <source>Out of round and taper, at most</source>
        <translation>Unrundheit und Kegel höchstens</translation>
    </message>
    <message>
        <source>{depth} deep</source>
        <translation>in {depth} Tiefe</translation>
    </message>
    <message>
        <source>Rust</source>
        <translation>Rost</translation>
    </message>
    <message>
        <source>deep pits</source>
        <translation>tiefe Narben</translation>
    </message>
    <message>
        <source>light pits</source>
        <translation>leichte Narben</translation>
    </message>
    <message>
        <source>Pushed or turned by hand</source>
        <translation>Von Hand geschoben oder gedreht</translation>
    </message>
    <message>
        <source>it moves</source>
        <translation>er bewegt sich</translation>
    </message>
    <message>
        <source>it stays</source>
        <translation>er sitzt fest</translation>
    </message>
    <message>
        <source>Length at four places</source>
        <translation>Länge an vier Stellen</translation>
    </message>
    <message>
        <source>Indicator round the lower end</source>
        <translation>Messuhr am unteren Ende ringsum</translation>
    </message>
    <message>
        <source>Ends square within</source>
        <translation>Enden rechtwinklig innerhalb</translation>
    </message>
    <message>
        <source>Outside in the middle</source>
        <translation>Außen in der Mitte</translation>
    </message>
    <message>
        <source>Outside over the ends</source>
        <translation>Außen über die Enden</translation>
    </message>
    <message>
        <source>Its rings are</source>
        <translation>Seine Ringe sind</translation>
    </message>
    <message>
        <source>straw and blue in one place</source>
        <translation>an einer Stelle strohgelb und blau</translation>
    </message>
    <message>
        <source>bright</source>
        <translation>blank</translation>
    </message>
    <message>
        <source>Turned by hand</source>
        <translation>Von Hand gedreht</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>läuft leicht</translation>
    </message>
    <message>
        <source>Under the press: {step}</source>
        <translation>Unter der Presse: {step}</translation>
    </message>
    <message>
        <source>The face that is pushed</source>
        <translation>Die gedrückte Fläche</translation>
    </message>
    <message>
        <source>Its seat</source>
        <translation>Ihr Sitz</translation>
    </message>
    <message>
        <source>In hand, to push with</source>
        <translation>In der Hand, zum Drücken</translation>
    </message>
    <message>
        <source>Under the work</source>
        <translation>Unter dem Werkstück</translation>
    </message>
    <message>
        <source>Stroke of the ram</source>
        <translation>Hub des Stempels</translation>
    </message>
    <message>
        <source>Gap in the bed</source>
        <translation>Spalt im Tisch</translation>
    </message>
    <message>
        <source>It is worked with</source>
        <translation>Gearbeitet wird mit</translation>
    </message>
    <message>
        <source>a hammer</source>
        <translation>einem Hammer</translation>
    </message>
    <message>
        <source>the press</source>
        <translation>der Presse</translation>
    </message>
    <message>
        <source>A sensor in the bore, Ø at its tip</source>
        <translation>Ein Sensor in der Bohrung, Ø an seiner Spitze</translation>
    </message>
    <message>
        <source>Studs round the bore, Ø inside them</source>
        <translation>Stehbolzen um die Bohrung, Ø innerhalb</translation>
    </message>
    <message>
        <source>Warmed: {step}</source>
        <translation>Erwärmt: {step}</translation>
    </message>
    <message>
        <source>sealed, with its grease</source>
        <translation>abgedichtet, mit Fett</translation>
    </message>
    <message>
        <source>without seals</source>
        <translation>ohne Dichtungen</translation>
    </message>
    <message>
        <source>Out of the oven since</source>
        <translation>Aus dem Ofen seit</translation>
    </message>
    <message>
        <source>Pressed: {step}</source>
        <translation>Gepresst: {step}</translation>
    </message>
    <message>
        <source>It should take, just before home</source>
        <translation>Kurz vor dem Anschlag erwartet</translation>
    </message>
    <message>
        <source>Home is at</source>
        <translation>Der Anschlag liegt bei</translation>
    </message>
    <message>
        <source>It ended at</source>
        <translation>Es endete bei</translation>
    </message>
    <message>
        <source>Read: {step}</source>
        <translation>Gemessen: {step}</translation>
    </message>
    <message>
        <source>Depth when home</source>
        <translation>Tiefe am Anschlag</translation>
    </message>
    <message>
        <source>Gap when home</source>
        <translation>Spalt am Anschlag</translation>
    </message>
    <message>
        <source>Square within</source>
        <translation>Rechtwinklig innerhalb</translation>
    </message>
    <message>
        <source>At {hour} o’clock</source>
        <translation>Bei {hour} Uhr</translation>
    </message>
    <message>
        <source>Retaining ring felt in its groove at</source>
        <translation>Sicherungsring in der Nut ertastet bei</translation>
    </message>
    <message>
        <source>End play, by the indicator</source>
        <translation>Axialspiel, mit der Messuhr</translation>
    </message>
    <message>
        <source>Read</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>drawn: {drawn}; in hand: {hand}</source>
        <translation>gezeichnet: {drawn}; in der Hand: {hand}</translation>
    </message>
    <message>
        <source>, head Ø{size}</source>
        <translation>, Kopf Ø{size}</translation>
    </message>
    <message>
        <source>, pilot Ø{size} × {length}</source>
        <translation>, Zapfen Ø{size} × {length}</translation>
    </message>
    <message>
        <source>, hardened</source>
        <translation>, gehärtet</translation>
    </message>
    <message>
        <source>Right: nothing was wrong</source>
        <translation>Richtig: nichts war falsch</translation>
    </message>
    <message>
        <source>A whole job to practise on</source>
        <translation>Ein ganzer Auftrag zum Üben</translation>
    </message>
    <message>
        <source>Who practises</source>
        <translation>Wer übt</translation>
    </message>
    <message>
        <source>Stop, because:</source>
        <translation>Stopp, denn:</translation>
    </message>
    <message>
        <source>Enter: another job. Esc goes back.</source>
        <translation>Enter: ein anderer Auftrag. Esc geht zurück.</translation>
    </message>
    <message>
        <source>A job is being made.</source>
        <translation>Ein Auftrag wird gemacht.</translation>
    </message>
    <message>
        <source>One thing may be wrong in this job. Go on while all is well; stop when it is not, and say why.</source>
        <translation>In diesem Auftrag kann eine Sache falsch sein. Weiter, solange alles stimmt; sonst Stopp, und sagen warum.</translation>
    </message>
    <message>
        <source>Place in the job</source>
        <translation>Stelle im Auftrag</translation>
    </message>
    <message>
        <source>Jobs worked</source>
        <translation>Aufträge bearbeitet</translation>
    </message>
    <message>
        <source>Named rightly</source>
        <translation>Richtig benannt</translation>
    </message>
    <message>
        <source>It could be seen at</source>
        <translation>Zu sehen war es bei</translation>
    </message>
    <message>
        <source>What it would have cost</source>
        <translation>Was es gekostet hätte</translation>
    </message>
    <message>
        <source>Of these, named</source>
        <translation>Davon benannt</translation>
    </message>
    <message>
        <source>Another job</source>
        <translation>Ein anderer Auftrag</translation>
    </message>
    <message>
        <source>Practice a whole job</source>
        <translation>Einen ganzen Auftrag üben</translation>
    </message>
    <message>
        <source>fillet</source>
        <translation>Hohlkehle</translation>
    </message>
    <message>
        <source>loose, pressed, screwed, or classes as N7, k6, H7/s6, measured as hole 61.978, fillet 1</source>
        <translation>lose, gepresst, geschraubt, oder Klassen wie N7, k6, H7/s6, gemessen als Bohrung 61.978, Hohlkehle 1</translation>
    </message>
    <message>
        <source>a radius over 0, up to {1} mm</source>
        <translation>einen Radius über 0 bis {1} mm</translation>
    </message>
    <message>
        <source>{part}: its corner clears the fillet</source>
        <translation>{part}: die Kantenrundung liegt frei von der Hohlkehle</translation>
    </message>
    <message>
        <source>fillet {value}, corner {limit} at least: curved side against it</source>
        <translation>Hohlkehle {value}, Kantenrundung mindestens {limit}: die runde Seite dagegen</translation>
    </message>
    <message>
        <source>{part} will ride on the fillet</source>
        <translation>{part} wird auf der Hohlkehle aufsitzen</translation>
    </message>
    <message>
        <source>fillet {value}, its corner may be as small as {limit}: it is never home; a ring between, or turn the fillet down</source>
        <translation>Hohlkehle {value}, die Kantenrundung kann so klein wie {limit} sein: es kommt nie zur Anlage; einen Ring dazwischen, oder die Hohlkehle nachdrehen</translation>
    </message>
    <message>
        <source>{part} centres itself</source>
        <translation>{part} zentriert sich selbst</translation>
    </message>
    <message>
        <source>by its pilot in the ring</source>
        <translation>mit seinem Zapfen im Ring</translation>
    </message>
    <message>
        <source>by the bore it goes in</source>
        <translation>in der Bohrung, in die es geht</translation>
    </message>
    <message>
        <source>2 to 64</source>
        <translation>2 bis 64</translation>
    </message>
    <message>
        <source>0 to 1000 mm</source>
        <translation>0 bis 1000 mm</translation>
    </message>
    <message>
        <source>a bearing of the catalogue, or its sizes off the calipers: ball 25x52x15</source>
        <translation>ein Lager aus dem Katalog, oder seine Maße vom Messschieber: ball 25x52x15</translation>
    </message>
    <message>
        <source>a part that is a bearing</source>
        <translation>ein Teil, das ein Lager ist</translation>
    </message>
    <message>
        <source>between {1} and {2} mm</source>
        <translation>zwischen {1} und {2} mm</translation>
    </message>
    <message>
        <source>&gt; {1} mm, the outside of the inner ring</source>
        <translation>&gt; {1} mm, der Außen-Ø des Innenrings</translation>
    </message>
    <message>
        <source>press or vice</source>
        <translation>press oder vice</translation>
    </message>
    <message>
        <source>a to zc for shafts, A to ZC for holes</source>
        <translation>a bis zc für Wellen, A bis ZC für Bohrungen</translation>
    </message>
    <message>
        <source>[bore, outside, width], and two more where they were measured</source>
        <translation>[Bohrung, außen, Breite], und zwei weitere, wo sie gemessen wurden</translation>
    </message>
    <message>
        <source>a type of the catalogue</source>
        <translation>eine Bauart des Katalogs</translation>
    </message>
    <message>
        <source>Which goes in next?</source>
        <translation>Welches Teil kommt als nächstes?</translation>
    </message>
    <message>
        <source>already in</source>
        <translation>schon drin</translation>
    </message>
    <message>
        <source>What do you push with? {step}</source>
        <translation>Womit wird gedrückt? {step}</translation>
    </message>
    <message>
        <source>How warm? {step}</source>
        <translation>Wie warm? {step}</translation>
    </message>
    <message>
        <source>Warmed</source>
        <translation>Erwärmt</translation>
    </message>
    <message>
        <source>Greatest interference</source>
        <translation>Größtes Übermaß</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>{temp} is the most that it bears, with all that is warmed with it</source>
        <translation>mehr als {temp} verträgt es nicht, mit allem, was mit erwärmt wird</translation>
    </message>
    <message>
        <source>the tightest pair still grips: it has not opened far enough</source>
        <translation>das festeste Paar klemmt noch: es ist nicht weit genug geöffnet</translation>
    </message>
    <message>
        <source>The force goes through balls or rollers: dented raceways, a new bearing that growls from the first turn.</source>
        <translation>Die Kraft geht durch Kugeln oder Rollen: Eindrücke in den Laufbahnen, ein neues Lager, das von der ersten Umdrehung an brummt.</translation>
    </message>
    <message>
        <source>A dented cage or seal, or a bore scored by the sleeve: a new bearing, and the bore to be judged again.</source>
        <translation>Ein eingedrückter Käfig oder eine Dichtung, oder eine von der Hülse verkratzte Bohrung: ein neues Lager, und die Bohrung ist neu zu beurteilen.</translation>
    </message>
    <message>
        <source>A seal that leaks from the first hour, and the bearing behind it.</source>
        <translation>Ein Dichtring, der von der ersten Stunde an leckt, und das Lager dahinter.</translation>
    </message>
    <message>
        <source>A broken sensor or a bent stud, and the machine waits for the part.</source>
        <translation>Ein zerbrochener Sensor oder ein verbogener Stehbolzen, und die Maschine wartet auf das Teil.</translation>
    </message>
    <message>
        <source>A ring that is not home moves in service: end play, a crept seat, apart once more.</source>
        <translation>Ein Ring, der nicht anliegt, bewegt sich im Betrieb: Axialspiel, ein gewanderter Sitz, noch einmal zerlegen.</translation>
    </message>
    <message>
        <source>A splinter of hard steel: an eye.</source>
        <translation>Ein Splitter aus hartem Stahl: ein Auge.</translation>
    </message>
    <message>
        <source>A stack that kicks out from under the ram: somebody is hurt, the part is scrap.</source>
        <translation>Ein Aufbau, der unter dem Stempel herausspringt: jemand wird verletzt, das Teil ist Ausschuss.</translation>
    </message>
    <message>
        <source>Stuck half way: out again, or a second stroke on a ring that has cooled or cocked.</source>
        <translation>Auf halbem Weg stecken geblieben: wieder heraus, oder ein zweiter Hub auf einen Ring, der kalt geworden oder verkantet ist.</translation>
    </message>
    <message>
        <source>A casting that cracks, or a ring pressed in crooked because the work gave way.</source>
        <translation>Ein Gussteil, das reißt, oder ein schief eingepresster Ring, weil das Werkstück nachgab.</translation>
    </message>
    <message>
        <source>All of it apart once more: what was shut out does not go in past a pressed ring, and the bearing that comes out again may be scrap.</source>
        <translation>Alles noch einmal zerlegen: Was ausgesperrt wurde, kommt an einem gepressten Ring nicht vorbei, und das Lager, das wieder heraus muss, kann Ausschuss sein.</translation>
    </message>
    <message>
        <source>The clamp closes on the bearings themselves: they seize within hours.</source>
        <translation>Die Verspannung geht auf die Lager selbst: Sie fressen nach Stunden.</translation>
    </message>
    <message>
        <source>A machine in pieces on the bench that waits for a part.</source>
        <translation>Eine zerlegte Maschine auf der Werkbank, die auf ein Teil wartet.</translation>
    </message>
    <message>
        <source>No signal: the machine does not start, and the bearing comes out again as scrap.</source>
        <translation>Kein Signal: Die Maschine läuft nicht an, und das Lager kommt als Ausschuss wieder heraus.</translation>
    </message>
    <message>
        <source>The cone has nothing to run in: cup out again, its bore scored.</source>
        <translation>Der Innenring hat nichts, worin er läuft: Außenring wieder heraus, die Bohrung verkratzt.</translation>
    </message>
    <message>
        <source>Grease out or water in: the bearing rusts within weeks.</source>
        <translation>Fett heraus oder Wasser hinein: Das Lager rostet in Wochen.</translation>
    </message>
    <message>
        <source>The ring leaves its groove under load: the shaft comes out of the machine while it runs.</source>
        <translation>Der Ring verlässt unter Last seine Nut: Die Welle kommt aus der laufenden Maschine.</translation>
    </message>
    <message>
        <source>The ring rides on the fillet: never home, it works loose and takes the shaft with it.</source>
        <translation>Der Ring reitet auf der Hohlkehle: nie anliegend, er lockert sich und nimmt die Welle mit.</translation>
    </message>
    <message>
        <source>The hub stops short of home: belts and wheels run out of line.</source>
        <translation>Die Nabe bleibt vor dem Anschlag stehen: Riemen und Räder laufen nicht in der Flucht.</translation>
    </message>
    <message>
        <source>Somebody after you believes the drawing: the part goes in wrong next time.</source>
        <translation>Der Nächste glaubt der Zeichnung: Das Teil kommt beim nächsten Mal falsch hinein.</translation>
    </message>
    <message>
        <source>Preload that nobody wanted: the pair runs hot and seizes.</source>
        <translation>Vorspannung, die keiner wollte: Das Paar läuft heiß und frisst.</translation>
    </message>
    <message>
        <source>The clamp tilts the rings: one-sided tracks, and the new bearing fails like the old one.</source>
        <translation>Die Verspannung kippt die Ringe: einseitige Laufspuren, und das neue Lager fällt aus wie das alte.</translation>
    </message>
    <message>
        <source>The ring creeps and grinds its bore open: next time it is a sleeve or a new housing.</source>
        <translation>Der Ring wandert und schleift seine Bohrung auf: Beim nächsten Mal ist es eine Hülse oder ein neues Gehäuse.</translation>
    </message>
    <message>
        <source>The inner ring turns on the shaft: heat, rust powder, and in the end a new shaft.</source>
        <translation>Der Innenring dreht sich auf der Welle: Hitze, Rostpulver und am Ende eine neue Welle.</translation>
    </message>
    <message>
        <source>The bore squeezes the ring out of round: it runs hot and loud.</source>
        <translation>Die Bohrung drückt den Ring unrund: Er läuft heiß und laut.</translation>
    </message>
    <message>
        <source>A ring held by half its seat: it moves, frets and cracks.</source>
        <translation>Ein Ring, den nur der halbe Sitz hält: Er bewegt sich, rostet und reißt.</translation>
    </message>
    <message>
        <source>A soft ring: it flakes within weeks, however well it turned on the bench.</source>
        <translation>Ein weicher Ring: Er blättert nach Wochen, wie gut er auf der Werkbank auch lief.</translation>
    </message>
    <message>
        <source>A good part on the scrap heap, or a bad one in the machine.</source>
        <translation>Ein gutes Teil im Schrott, oder ein schlechtes in der Maschine.</translation>
    </message>
    <message>
        <source>Cooked grease and a hard lip in a bearing that looks new; a ring over its limit is soft.</source>
        <translation>Verkochtes Fett und eine harte Lippe in einem Lager, das neu aussieht; ein Ring über seiner Grenze ist weich.</translation>
    </message>
    <message>
        <source>It grips half way: out again by force, a scored seat and a bearing that is scrap.</source>
        <translation>Es klemmt auf halbem Weg: mit Gewalt wieder heraus, ein verkratzter Sitz und ein Lager, das Ausschuss ist.</translation>
    </message>
    <message>
        <source>A scored bore: it is measured again, stoned, or sleeved.</source>
        <translation>Eine verkratzte Bohrung: neu messen, abziehen oder ausbuchsen.</translation>
    </message>
    <message>
        <source>A ring that stands crooked: it runs on one side and fails early.</source>
        <translation>Ein Ring, der schief steht: Er läuft einseitig und fällt früh aus.</translation>
    </message>
    <message>
        <source>A part that was never meant for this seat: too tight it cracks, too loose it creeps.</source>
        <translation>Ein Teil, das nie für diesen Sitz gedacht war: zu fest reißt es, zu lose wandert es.</translation>
    </message>
    <message>
        <source>Every figure is wrong by the same factor: too much force goes unseen.</source>
        <translation>Jede Zahl ist um denselben Faktor falsch: Zu viel Kraft bleibt unbemerkt.</translation>
    </message>
    <message>
        <source>A ring short of home: the retaining ring does not go in, or the play is wrong.</source>
        <translation>Ein Ring vor dem Anschlag: Der Sicherungsring geht nicht hinein, oder das Spiel stimmt nicht.</translation>
    </message>
    <message>
        <source>The pair rattles: the hub wobbles, the seal leaks, the tracks spall.</source>
        <translation>Das Paar klappert: Die Nabe taumelt, die Dichtung leckt, die Laufbahnen blättern.</translation>
    </message>
    <message>
        <source>Lip</source>
        <translation>Lippe</translation>
    </message>
    <message>
        <source>Fitted once</source>
        <translation>Nur einmal</translation>
    </message>
    <message>
        <source>Screws</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>not in the catalogue; its sizes will do: ball 25x52x15</source>
        <translation>nicht im Katalog; seine Maße genügen: ball 25x52x15</translation>
    </message>
    <message>
        <source>Right: {choice}.</source>
        <translation>Richtig: {choice}.</translation>
    </message>
    <message>
        <source>Choose by its number.</source>
        <translation>Nach der Nummer wählen.</translation>
    </message>
    <message>
        <source>Not that one: {choice}.</source>
        <translation>Das nicht: {choice}.</translation>
    </message>
    <message>
        <source>{station}: chosen rightly at once</source>
        <translation>{station}: gleich richtig gewählt</translation>
    </message>
    <message>
        <source>Depth as found</source>
        <translation>Tiefe wie vorgefunden</translation>
    </message>
    <message>
        <source>Before it leaves</source>
        <translation>Bevor es herauskommt</translation>
    </message>
    <message>
        <source>not looked</source>
        <translation>nicht angesehen</translation>
    </message>
    <message>
        <source>as drawn</source>
        <translation>wie gezeichnet</translation>
    </message>
    <message>
        <source>the other way</source>
        <translation>andersherum</translation>
    </message>
    <message>
        <source>Way round as found</source>
        <translation>Einbaulage wie vorgefunden</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>Place, angle</source>
        <translation>Ort, Winkel</translation>
    </message>
    <message>
        <source>Place as found</source>
        <translation>Ort wie vorgefunden</translation>
    </message>
    <message>
        <source>Broken</source>
        <translation>Defekt</translation>
    </message>
    <message>
        <source>press Enter on the empty field to choose one</source>
        <translation>im leeren Feld Eingabe drücken, um eines zu wählen</translation>
    </message>
    <message>
        <source>Photo as found</source>
        <translation>Foto wie vorgefunden</translation>
    </message>
    <message>
        <source>Enter chooses a picture</source>
        <translation>Eingabe wählt ein Bild</translation>
    </message>
    <message>
        <source>%1: by its own thread</source>
        <translation>%1: mit dem eigenen Gewinde</translation>
    </message>
    <message>
        <source>As it stands before it moves. W shows another way.</source>
        <translation>Wie es vor der Bewegung steht. W zeigt einen anderen Weg.</translation>
    </message>
    <message>
        <source>flat side up</source>
        <translation>flache Seite oben</translation>
    </message>
    <message>
        <source>flat side down</source>
        <translation>flache Seite unten</translation>
    </message>
    <message>
        <source>flange up</source>
        <translation>Flansch oben</translation>
    </message>
    <message>
        <source>flange down</source>
        <translation>Flansch unten</translation>
    </message>
    <message>
        <source>sensor</source>
        <translation>Sensor</translation>
    </message>
    <message>
        <source>keeps in</source>
        <translation>hält drin</translation>
    </message>
    <message>
        <source>keeps out</source>
        <translation>hält draußen</translation>
    </message>
    <message>
        <source>screws</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>how many, the thread and the part they screw into: 4 M10x1.5 shaft</source>
        <translation>wie viele, das Gewinde und das Teil, in das sie gehen: 4 M10x1.5 shaft</translation>
    </message>
    <message>
        <source>its halves part, and one stays behind on its partner: pry that off, a new set before the partner goes back</source>
        <translation>seine Hälften trennen sich, eine bleibt auf dem Partner: abhebeln, ein neuer Satz, bevor der Partner zurückkommt</translation>
    </message>
    <message>
        <source>a new set, never taken apart; a trial fit counts</source>
        <translation>ein neuer Satz, nie zerlegt; eine Probemontage zählt</translation>
    </message>
    <message>
        <source>it was crushed to its length: scrap as soon as the nut is loose</source>
        <translation>auf Länge gestaucht: Ausschuss, sobald die Mutter los ist</translation>
    </message>
    <message>
        <source>a new one: tightened past the drag that is wanted, it is crushed too far and another is needed; a trial fit counts</source>
        <translation>eine neue: über das gewünschte Reibmoment angezogen ist sie zu weit gestaucht, und es braucht noch eine; eine Probemontage zählt</translation>
    </message>
    <message>
        <source>its collar is staked: lift the stake; it is scrap</source>
        <translation>ihr Kragen ist verstemmt: Verstemmung anheben; sie ist Ausschuss</translation>
    </message>
    <message>
        <source>a new one, staked once it is set; a trial fit that is staked counts</source>
        <translation>eine neue, verstemmt, wenn sie eingestellt ist; eine verstemmte Probemontage zählt</translation>
    </message>
    <message>
        <source>it is spoilt when it comes off</source>
        <translation>es ist verdorben, wenn es herunterkommt</translation>
    </message>
    <message>
        <source>First of all the {part}: out sideways</source>
        <translation>Zu allererst seitlich heraus: {part}</translation>
    </message>
    <message>
        <source>it reaches into the bore to {size}: nothing larger passes; keep its tip clean</source>
        <translation>er ragt bis {size} in die Bohrung: Größeres kommt nicht vorbei; die Spitze sauber halten</translation>
    </message>
    <message>
        <source>Last of all the {part}</source>
        <translation>Zu allerletzt: {part}</translation>
    </message>
    <message>
        <source>wipe its tip; its gap to the encoder is as the machine’s drawing says</source>
        <translation>Spitze abwischen; der Abstand zum Geber nach der Zeichnung der Maschine</translation>
    </message>
    <message>
        <source>The {part} was found the other way round than it is drawn</source>
        <translation>{part}: andersherum vorgefunden, als es gezeichnet ist</translation>
    </message>
    <message>
        <source>the last hand may have been wrong, or the drawing: ask which is right, then tick its way round</source>
        <translation>die letzte Hand kann falsch gelegen haben, oder die Zeichnung: fragen, was stimmt, dann die Einbaulage abhaken</translation>
    </message>
    <message>
        <source>As the {part} was found</source>
        <translation>Wie vorgefunden: {part}</translation>
    </message>
    <message>
        <source>{depth} below the face beside it</source>
        <translation>{depth} unter der Fläche daneben</translation>
    </message>
    <message>
        <source>{part}: its lip keeps grease or oil in</source>
        <translation>{part}: Die Lippe hält Fett oder Öl drin</translation>
    </message>
    <message>
        <source>{part}: its lip keeps water and dirt out</source>
        <translation>{part}: Die Lippe hält Wasser und Schmutz draußen</translation>
    </message>
    <message>
        <source>spring side towards the bearing</source>
        <translation>Federseite zum Lager</translation>
    </message>
    <message>
        <source>spring side away from the bearing</source>
        <translation>Federseite vom Lager weg</translation>
    </message>
    <message>
        <source>Ask what the lip of the {part} is for</source>
        <translation>Fragen, wofür die Lippe ist: {part}</translation>
    </message>
    <message>
        <source>as drawn its spring looks to the bearing and keeps grease in; outward where water must stay out</source>
        <translation>gezeichnet sieht die Feder zum Lager und hält das Fett drin; nach außen, wo Wasser draußen bleiben muss</translation>
    </message>
    <message>
        <source>as drawn its spring looks outward and keeps water out; to the bearing where grease or oil must stay in</source>
        <translation>gezeichnet sieht die Feder nach außen und hält Wasser draußen; zum Lager, wo Fett oder Öl drin bleiben muss</translation>
    </message>
    <message>
        <source>{count} screws {thread} draw the {part} home</source>
        <translation>{count} Schrauben {thread} ziehen es an den Anschlag: {part}</translation>
    </message>
    <message>
        <source>Its own nut {thread} draws the {part} home</source>
        <translation>Die eigene Mutter {thread} zieht es an den Anschlag: {part}</translation>
    </message>
    <message>
        <source>{least} to {most} on each at the end, the thread oiled; hand wrench only</source>
        <translation>{least} bis {most} an jeder am Ende, Gewinde geölt; nur Handschlüssel</translation>
    </message>
    <message>
        <source>{least} to {most} at the end, the thread oiled; hand wrench only</source>
        <translation>{least} bis {most} am Ende, Gewinde geölt; nur Handschlüssel</translation>
    </message>
    <message>
        <source>the force is not known; hand wrench only</source>
        <translation>die Kraft ist nicht bekannt; nur Handschlüssel</translation>
    </message>
    <message>
        <source>The thread does not take hold for the first {size}</source>
        <translation>Auf den ersten {size} fasst das Gewinde nicht</translation>
    </message>
    <message>
        <source>of {travel} that the {part} has to go: start it with a sleeve, or draw it with a longer nut or bolt</source>
        <translation>von {travel} Weg ({part}): mit einer Hülse ansetzen, oder mit längerer Mutter oder Schraube ziehen</translation>
    </message>
    <message>
        <source>Screws or studs {thread} at least {size} longer than what they clamp</source>
        <translation>Schrauben oder Stehbolzen {thread}, mindestens {size} länger als das, was sie klemmen</translation>
    </message>
    <message>
        <source>the travel and the thread they must have hold of; the right ones go in one by one when it is home</source>
        <translation>der Weg und das Gewinde, das tragen muss; die richtigen kommen einzeln hinein, wenn es anliegt</translation>
    </message>
    <message>
        <source>One screw after the other, half a turn at a time</source>
        <translation>Eine Schraube nach der anderen, je eine halbe Umdrehung</translation>
    </message>
    <message>
        <source>Crosswise, half a turn at a time</source>
        <translation>Über Kreuz, je eine halbe Umdrehung</translation>
    </message>
    <message>
        <source>the gap read at four places after each round: where it is wide, there next; even before it goes on</source>
        <translation>nach jeder Runde den Spalt an vier Stellen ablesen: wo er weit ist, dort weiter; erst gleichmäßig, dann weiter</translation>
    </message>
    <message>
        <source>In the jaws of {vice}: nobody knows the force</source>
        <translation>In den Backen von {vice}: Niemand kennt die Kraft</translation>
    </message>
    <message>
        <source>soft jaws or flat blocks, the work held square; stop when it touches, then look all round</source>
        <translation>weiche Backen oder flache Klötze, das Werkstück rechtwinklig gehalten; aufhören, wenn es anliegt, dann rundum ansehen</translation>
    </message>
    <message>
        <source>The release was taken back</source>
        <translation>Die Freigabe wurde zurückgenommen</translation>
    </message>
    <message>
        <source>nobody stands for it now: the machine does not go back until it is released again</source>
        <translation>jetzt steht niemand dafür ein: Die Maschine geht nicht zurück, bis sie neu freigegeben ist</translation>
    </message>
    <message>
        <source>Measure was taken back</source>
        <translation>Messen wurde zurückgenommen</translation>
    </message>
    <message>
        <source>nothing goes in until it is finished again</source>
        <translation>nichts kommt hinein, bis es wieder erledigt ist</translation>
    </message>
    <message>
        <source>The release of the {part} was taken back</source>
        <translation>Die Freigabe wurde zurückgenommen: {part}</translation>
    </message>
    <message>
        <source>it was proven and is not now: prove it again before anything follows</source>
        <translation>es war nachgewiesen und ist es nicht mehr: neu nachweisen, bevor etwas folgt</translation>
    </message>
    <message>
        <source>By its own thread</source>
        <translation>Mit dem eigenen Gewinde</translation>
    </message>
    <message>
        <source>Its own thread will not do</source>
        <translation>Das eigene Gewinde genügt nicht</translation>
    </message>
    <message>
        <source>Torque of each at the end</source>
        <translation>Drehmoment je Schraube am Ende</translation>
    </message>
    <message>
        <source>Torque at the end</source>
        <translation>Drehmoment am Ende</translation>
    </message>
    <message>
        <source>{least} to {most}</source>
        <translation>{least} bis {most}</translation>
    </message>
    <message>
        <source>Hand wrench only, and stand clear of the thread’s line.</source>
        <translation>Nur Handschlüssel, und nicht in der Linie des Gewindes stehen.</translation>
    </message>
    <message>
        <source>Flat side up</source>
        <translation>Flache Seite oben</translation>
    </message>
    <message>
        <source>Flat side down</source>
        <translation>Flache Seite unten</translation>
    </message>
    <message>
        <source>the flat side to what it holds, the bevel to its retaining ring</source>
        <translation>die flache Seite zu dem, was er hält, die Fase zu seinem Sicherungsring</translation>
    </message>
    <message>
        <source>Flange up</source>
        <translation>Flansch oben</translation>
    </message>
    <message>
        <source>Flange down</source>
        <translation>Flansch unten</translation>
    </message>
    <message>
        <source>the wider end; ask on which side it belongs before the first bearing goes in</source>
        <translation>das breitere Ende; fragen, auf welche Seite es gehört, bevor das erste Lager hineinkommt</translation>
    </message>
    <message>
        <source>bench vice</source>
        <translation>Schraubstock</translation>
    </message>
    <message>
        <source>its own nut or screws</source>
        <translation>eigene Mutter oder Schrauben</translation>
    </message>
    <message>
        <source>its own {count} screws {thread}</source>
        <translation>die eigenen {count} Schrauben {thread}</translation>
    </message>
    <message>
        <source>its own nut {thread}</source>
        <translation>die eigene Mutter {thread}</translation>
    </message>
    <message>
        <source>drawn home by its own thread</source>
        <translation>vom eigenen Gewinde an den Anschlag gezogen</translation>
    </message>
    <message>
        <source>A number: choose. Esc goes back.</source>
        <translation>Eine Zahl: wählen. Esc geht zurück.</translation>
    </message>
    <message>
        <source>Enter: go on. A letter: stop, because… Esc goes back.</source>
        <translation>Eingabe: weiter. Ein Buchstabe: Halt, weil … Esc geht zurück.</translation>
    </message>
    <message>
        <source>Space: done · S: it stays</source>
        <translation>Leertaste: erledigt · S: bleibt</translation>
    </message>
    <message>
        <source>F: as found · S: it stays · M: other way</source>
        <translation>F: wie vorgefunden · S: bleibt · M: anders</translation>
    </message>
    <message>
        <source>Eyes for pliers</source>
        <translation>Augen für die Zange</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>ja oder nein</translation>
    </message>
    <message>
        <source>The {ring} has no eyes for pliers</source>
        <translation>Keine Augen für die Zange: {ring}</translation>
    </message>
    <message>
        <source>lift one end out of the groove from its gap with a hooked scriber and follow it round; eye protection on, a hand over it</source>
        <translation>ein Ende am Spalt mit einer Hakennadel aus der Nut heben und rundum folgen; Schutzbrille, eine Hand darüber</translation>
    </message>
    <message>
        <source>feed one end into the groove and press it in round and round; eye protection on, then probe it all round</source>
        <translation>ein Ende in die Nut setzen und rundum eindrücken; Schutzbrille, danach rundum abtasten</translation>
    </message>
    <message>
        <source>letters, figures, blanks, points and dashes</source>
        <translation>Buchstaben, Ziffern, Leerzeichen, Punkte und Striche</translation>
    </message>
    <message>
        <source>a number that no other job has</source>
        <translation>eine Nummer, die kein anderer Auftrag hat</translation>
    </message>
    <message>
        <source>Find a job</source>
        <translation>Auftrag suchen</translation>
    </message>
    <message>
        <source>F: find by number, title, machine, customer</source>
        <translation>F: suchen nach Nummer, Titel, Maschine, Kunde</translation>
    </message>
    <message>
        <source>Order of the jobs</source>
        <translation>Reihenfolge der Aufträge</translation>
    </message>
    <message>
        <source>by file</source>
        <translation>nach Datei</translation>
    </message>
    <message>
        <source>by machine</source>
        <translation>nach Maschine</translation>
    </message>
    <message>
        <source>by customer</source>
        <translation>nach Kunde</translation>
    </message>
    <message>
        <source>newest first</source>
        <translation>neueste zuerst</translation>
    </message>
    <message>
        <source>open ones only</source>
        <translation>nur offene</translation>
    </message>
    <message>
        <source>%1 could not be moved to %2: that name is taken, or the folder cannot be written</source>
        <translation>%1 konnte nicht nach %2 verschoben werden: Der Name ist vergeben, oder der Ordner ist nicht beschreibbar</translation>
    </message>
    <message>
        <source>That job is the one on the bench: open another one first.</source>
        <translation>Dieser Auftrag liegt gerade auf der Werkbank: zuerst einen anderen öffnen.</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Enter opens · N new job · C one like it · A put away · Delete throw away · Ctrl+Z takes back · F find</source>
        <translation>Eingabe öffnet · N neuer Auftrag · C ebensolcher · A weglegen · Entf wegwerfen · Strg+Z nimmt zurück · F suchen</translation>
    </message>
    <message>
        <source>Back to the job (F4)</source>
        <translation>Zurück zum Auftrag (F4)</translation>
    </message>
    <message>
        <source>A folder for your shop</source>
        <translation>Ein Ordner für Ihre Werkstatt</translation>
    </message>
    <message>
        <source>New job…</source>
        <translation>Neuer Auftrag …</translation>
    </message>
    <message>
        <source>Job details</source>
        <translation>Angaben zum Auftrag</translation>
    </message>
    <message>
        <source>Go to…</source>
        <translation>Gehe zu …</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>New job</source>
        <translation>Neuer Auftrag</translation>
    </message>
    <message>
        <source>no shop open yet</source>
        <translation>noch keine Werkstatt offen</translation>
    </message>
    <message>
        <source>Go to</source>
        <translation>Gehe zu</translation>
    </message>
    <message>
        <source>a command, a station, a job, a tool</source>
        <translation>ein Befehl, eine Station, ein Auftrag, ein Werkzeug</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>Place on it</source>
        <translation>Ort daran</translation>
    </message>
    <message>
        <source>Customer</source>
        <translation>Kunde</translation>
    </message>
    <message>
        <source>Number</source>
        <translation>Nummer</translation>
    </message>
    <message>
        <source>it cannot be empty</source>
        <translation>es darf nicht leer sein</translation>
    </message>
    <message>
        <source>Shapes to begin with</source>
        <translation>Bauformen zum Anfangen</translation>
    </message>
    <message>
        <source>Two rings of my own</source>
        <translation>Zwei eigene Ringe</translation>
    </message>
    <message>
        <source>two rings of my own</source>
        <translation>zwei eigene ringe</translation>
    </message>
    <message>
        <source>A bearing’s number, its sizes, or words</source>
        <translation>Nummer eines Lagers, seine Maße, oder Wörter</translation>
    </message>
    <message>
        <source>a bearing’s number (6306-2RS), its sizes (30 x 72 x 19), or words: two cups, collar</source>
        <translation>Nummer eines Lagers (6306-2RS), seine Maße (30 x 72 x 19), oder Wörter: zwei Außenringe, Klemmring</translation>
    </message>
    <message>
        <source>Like an earlier job</source>
        <translation>Wie ein früherer Auftrag</translation>
    </message>
    <message>
        <source>Look at the demo shop</source>
        <translation>Die Beispielwerkstatt ansehen</translation>
    </message>
    <message>
        <source>ten jobs, a full rack, nothing to set up</source>
        <translation>zehn Aufträge und ein volles Regal</translation>
    </message>
    <message>
        <source>Start your own shop</source>
        <translation>Eigene Werkstatt anfangen</translation>
    </message>
    <message>
        <source>a folder for your jobs, rack and presses</source>
        <translation>ein Ordner für Aufträge, Regal und Pressen</translation>
    </message>
    <message>
        <source>Open a shop</source>
        <translation>Eine Werkstatt öffnen</translation>
    </message>
    <message>
        <source>a folder that has jobs already</source>
        <translation>ein Ordner, der schon Aufträge hat</translation>
    </message>
    <message>
        <source>What is on your bench?</source>
        <translation>Was liegt auf der Werkbank?</translation>
    </message>
    <message>
        <source>Welcome. What is on your bench?</source>
        <translation>Willkommen. Was liegt auf der Werkbank?</translation>
    </message>
    <message>
        <source>Begin with the shape</source>
        <translation>Mit der Bauform anfangen</translation>
    </message>
    <message>
        <source>Like: %1</source>
        <translation>Wie: %1</translation>
    </message>
    <message>
        <source>Choose what it looks like. Everything can be changed later.</source>
        <translation>Wählen, wie es aussieht. Alles lässt sich später ändern.</translation>
    </message>
    <message>
        <source>Nothing is drawn like that: other words, or a shape without it</source>
        <translation>Nichts ist so gezeichnet: andere Wörter, oder eine Bauform ohne das</translation>
    </message>
    <message numerus="yes">
        <source>%1 could sit in %n shapes</source>
        <translation>
            <numerusform>%1 passt in eine Bauform</numerusform>
            <numerusform>%1 passt in %n Bauformen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n shapes</source>
        <translation>
            <numerusform>eine Bauform</numerusform>
            <numerusform>%n Bauformen</numerusform>
        </translation>
    </message>
    <message>
        <source>Enter · arrows choose a shape · Esc goes back</source>
        <translation>Eingabe · Pfeile wählen eine Bauform · Esc geht zurück</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>{range} tight, {force} to press</source>
        <translation>{range} fest, {force} zum Einpressen</translation>
    </message>
    <message>
        <source>Begin it</source>
        <translation>Anfangen</translation>
    </message>
    <message>
        <source>Its description only</source>
        <translation>Nur seine Beschreibung</translation>
    </message>
    <message>
        <source>nothing that was measured, pressed or found on the earlier one</source>
        <translation>nichts, was am früheren gemessen, gepresst oder gefunden wurde</translation>
    </message>
    <message>
        <source>No shape is left to choose from.</source>
        <translation>Keine Bauform bleibt zur Wahl.</translation>
    </message>
    <message>
        <source>Draw it</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>Two rings</source>
        <translation>Zwei Ringe</translation>
    </message>
    <message>
        <source>Inner ring</source>
        <translation>Innenring</translation>
    </message>
    <message>
        <source>Outer ring</source>
        <translation>Außenring</translation>
    </message>
    <message>
        <source>Size on the drawing</source>
        <translation>Maß auf der Zeichnung</translation>
    </message>
    <message>
        <source>Click a size or press Tab on the drawing and type: 62, N7, 62 N7. Drag a face for its length.</source>
        <translation>Ein Maß anklicken oder auf der Zeichnung Tab drücken und schreiben: 62, N7, 62 N7. Eine Fläche ziehen für ihre Länge.</translation>
    </message>
    <message>
        <source>a part that is not from the catalogue</source>
        <translation>ein Teil, das nicht aus dem Katalog ist</translation>
    </message>
    <message>
        <source>a step of 0.2 mm or more</source>
        <translation>ein Absatz von 0,2 mm oder mehr</translation>
    </message>
    <message>
        <source>[what, body, step]</source>
        <translation>[was, Körper, Absatz]</translation>
    </message>
    <message>
        <source>a body and a step of this part</source>
        <translation>ein Körper und ein Absatz dieses Teils</translation>
    </message>
    <message>
        <source>Add above</source>
        <translation>Darüber</translation>
    </message>
    <message>
        <source>Add below</source>
        <translation>Darunter</translation>
    </message>
    <message>
        <source>Turn over</source>
        <translation>Umdrehen</translation>
    </message>
    <message>
        <source>Split a step</source>
        <translation>Absatz teilen</translation>
    </message>
    <message>
        <source>Turn a part over</source>
        <translation>Teil umdrehen</translation>
    </message>
    <message>
        <source>no.</source>
        <translation>Nr.</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>daylight mm</source>
        <translation>Öffnung mm</translation>
    </message>
    <message>
        <source>gauge in</source>
        <translation>Manometer in</translation>
    </message>
    <message>
        <source>capacity kN</source>
        <translation>Nennkraft kN</translation>
    </message>
    <message>
        <source>ram foot mm</source>
        <translation>Stempelfuß mm</translation>
    </message>
    <message>
        <source>stroke mm</source>
        <translation>Hub mm</translation>
    </message>
    <message>
        <source>bed gap mm</source>
        <translation>Tischspalt mm</translation>
    </message>
    <message>
        <source>piston mm</source>
        <translation>Kolben mm</translation>
    </message>
    <message>
        <source>throat mm</source>
        <translation>Ausladung mm</translation>
    </message>
    <message>
        <source>frame kN/mm</source>
        <translation>Gestell kN/mm</translation>
    </message>
    <message>
        <source>vice</source>
        <translation>Schraubstock</translation>
    </message>
    <message>
        <source>press</source>
        <comment>machine</comment>
        <translation>Presse</translation>
    </message>
    <message>
        <source>Shop press</source>
        <translation>Werkstattpresse</translation>
    </message>
    <message>
        <source>Presses</source>
        <translation>Pressen</translation>
    </message>
    <message>
        <source>Another press   Ins</source>
        <translation>Weitere Presse   Einfg</translation>
    </message>
    <message>
        <source>a number of its own</source>
        <translation>eine eigene Nummer</translation>
    </message>
    <message>
        <source>Presses of this shop</source>
        <translation>Pressen dieser Werkstatt</translation>
    </message>
    <message>
        <source>a row of the rack is no tool and was skipped. {what}</source>
        <translation>eine Zeile des Regals ist kein Werkzeug und wurde übergangen. {what}</translation>
    </message>
    <message>
        <source>a name</source>
        <translation>ein Name</translation>
    </message>
    <message>
        <source>bore, outside, depth, indicator, thermometer or torque_wrench</source>
        <translation>bore, outside, depth, indicator, thermometer oder torque_wrench</translation>
    </message>
    <message>
        <source>the number on the gauge</source>
        <translation>die Nummer auf dem Messgerät</translation>
    </message>
    <message>
        <source>a day as 2027-03-31</source>
        <translation>ein Tag wie 2027-03-31</translation>
    </message>
    <message>
        <source>each name once</source>
        <translation>jeden Namen einmal</translation>
    </message>
    <message>
        <source>a type of bearing</source>
        <translation>eine Lagerart</translation>
    </message>
    <message>
        <source>columns parted by a comma, a semicolon or a tab</source>
        <translation>Spalten, getrennt durch Komma, Semikolon oder Tabulator</translation>
    </message>
    <message>
        <source>-273 to 1000 degC</source>
        <translation>-273 bis 1000 °C</translation>
    </message>
    <message>
        <source>Indicator no.</source>
        <translation>Messuhr Nr.</translation>
    </message>
    <message>
        <source>guide.md</source>
        <comment>the file of this language</comment>
        <translation>guide.de.md</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>In der Hilfe suchen</translation>
    </message>
    <message>
        <source>words of what is meant: end play, draw bolt</source>
        <translation>Wörter von dem, was gemeint ist: Axialspiel, Zugspindel</translation>
    </message>
    <message>
        <source>Pages of the help</source>
        <translation>Seiten der Hilfe</translation>
    </message>
    <message>
        <source>Where the numbers come from</source>
        <translation>Woher die Zahlen kommen</translation>
    </message>
    <message>
        <source>Where the numbers of this card come from</source>
        <translation>Woher die Zahlen dieser Karte kommen</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 mm, %2 N</source>
        <translation>%1 mm, %2 N</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>not connected</source>
        <translation>nicht verbunden</translation>
    </message>
    <message>
        <source>Instruments</source>
        <translation>Instrumente</translation>
    </message>
    <message>
        <source>A serial port of this machine, or 127.0.0.1:port. Every station listens to what is connected here. No instrument at hand? 1 to 4 start a stand-in that is set to the seat in hand, and stop it again; Ctrl+Shift+G works its ram, or pushes its button.</source>
        <translation>Eine serielle Schnittstelle dieses Rechners oder 127.0.0.1:port. Jede Station hört, was hier verbunden ist. Kein Instrument da? 1 bis 4 starten einen Ersatz, der auf den Sitz in der Hand eingestellt ist, und halten ihn wieder an; Strg+Umschalt+G bewegt seinen Stößel oder drückt seine Taste.</translation>
    </message>
    <message>
        <source>What is wrong at the stand-in press</source>
        <translation>Was an der Ersatzpresse nicht stimmt</translation>
    </message>
    <message>
        <source>Line of the %1</source>
        <translation>Anschluss: %1</translation>
    </message>
    <message>
        <source>Number on the %1</source>
        <translation>Nummer: %1</translation>
    </message>
    <message>
        <source>gauge no.</source>
        <translation>Messgerät Nr.</translation>
    </message>
    <message>
        <source>Test</source>
        <translation>Probe</translation>
    </message>
    <message>
        <source>listening for 2 seconds: push its button, if it has one</source>
        <translation>hört 2 Sekunden zu: seine Taste drücken, wenn es eine hat</translation>
    </message>
    <message>
        <source>It said nothing.</source>
        <translation>Es sagte nichts.</translation>
    </message>
    <message numerus="yes">
        <source>%n lines in 2 s</source>
        <translation>
            <numerusform>%n Zeile in 2 s</numerusform>
            <numerusform>%n Zeilen in 2 s</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>, %n could not be read</source>
        <translation>
            <numerusform>, %n war nicht zu lesen</numerusform>
            <numerusform>, %n waren nicht zu lesen</numerusform>
        </translation>
    </message>
    <message>
        <source>, all of them read</source>
        <translation>, alle gelesen</translation>
    </message>
    <message>
        <source>; they differ by %1</source>
        <translation>; sie weichen um %1 voneinander ab</translation>
    </message>
    <message>
        <source>Stop the stand-in   %1</source>
        <translation>Ersatz anhalten   %1</translation>
    </message>
    <message>
        <source>Stand-in   %1</source>
        <translation>Ersatz   %1</translation>
    </message>
    <message>
        <source>Bore gauge</source>
        <translation>Innenmessgerät</translation>
    </message>
    <message>
        <source>Indicator</source>
        <translation>Messuhr</translation>
    </message>
    <message>
        <source>nothing wrong</source>
        <translation>alles in Ordnung</translation>
    </message>
    <message>
        <source>cocked start</source>
        <translation>verkantet angesetzt</translation>
    </message>
    <message>
        <source>seat dry</source>
        <translation>Sitz trocken</translation>
    </message>
    <message>
        <source>bore too tight</source>
        <translation>Bohrung zu eng</translation>
    </message>
    <message>
        <source>bore too loose</source>
        <translation>Bohrung zu weit</translation>
    </message>
    <message>
        <source>galling</source>
        <translation>Fressen</translation>
    </message>
    <message>
        <source>chip under the ring</source>
        <translation>Span unter dem Ring</translation>
    </message>
    <message>
        <source>sleeve on the other ring</source>
        <translation>Hülse auf dem anderen Ring</translation>
    </message>
    <message>
        <source>support slips</source>
        <translation>Auflage rutscht</translation>
    </message>
    <message>
        <source>warm bore grips early</source>
        <translation>warme Bohrung greift zu früh</translation>
    </message>
    <message>
        <source>no shoulder</source>
        <translation>keine Schulter</translation>
    </message>
    <message>
        <source>The stand-in could not be started: %1</source>
        <translation>Der Ersatz ließ sich nicht starten: %1</translation>
    </message>
    <message>
        <source>Gauge no.</source>
        <translation>Messgerät Nr.</translation>
    </message>
    <message>
        <source>semicolons</source>
        <translation>Semikolons</translation>
    </message>
    <message>
        <source>tabs</source>
        <translation>Tabulatoren</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>senkrechte Striche</translation>
    </message>
    <message>
        <source>commas</source>
        <translation>Kommas</translation>
    </message>
    <message>
        <source>tool no.</source>
        <translation>Werkzeug Nr.</translation>
    </message>
    <message>
        <source>outside Ø</source>
        <translation>Außen-Ø</translation>
    </message>
    <message>
        <source>bore Ø</source>
        <translation>Bohrungs-Ø</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>head Ø</source>
        <translation>Kopf-Ø</translation>
    </message>
    <message>
        <source>head thickness</source>
        <translation>Kopfdicke</translation>
    </message>
    <message>
        <source>head bore Ø</source>
        <translation>Kopfbohrungs-Ø</translation>
    </message>
    <message>
        <source>pilot Ø</source>
        <translation>Zapfen-Ø</translation>
    </message>
    <message>
        <source>pilot length</source>
        <translation>Zapfenlänge</translation>
    </message>
    <message>
        <source>opens from</source>
        <translation>öffnet von</translation>
    </message>
    <message>
        <source>opens to</source>
        <translation>öffnet bis</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>edge thickness</source>
        <translation>Schneidendicke</translation>
    </message>
    <message>
        <source>wrench length</source>
        <translation>Schlüssellänge</translation>
    </message>
    <message>
        <source>ram area mm²</source>
        <translation>Kolbenfläche mm²</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>Hub</translation>
    </message>
    <message>
        <source>capacity N</source>
        <translation>Tragkraft N</translation>
    </message>
    <message>
        <source>thread</source>
        <translation>Gewinde</translation>
    </message>
    <message>
        <source>strength class</source>
        <translation>Festigkeitsklasse</translation>
    </message>
    <message>
        <source>condition</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>thrust bearing</source>
        <translation>Axiallager</translation>
    </message>
    <message>
        <source>hardened</source>
        <translation>gehärtet</translation>
    </message>
    <message>
        <source>Unit of the sizes</source>
        <translation>Einheit der Maße</translation>
    </message>
    <message>
        <source>sizes in mm</source>
        <translation>Maße in mm</translation>
    </message>
    <message>
        <source>sizes in inches</source>
        <translation>Maße in Zoll</translation>
    </message>
    <message>
        <source>Kind of tools whose kind is not said</source>
        <translation>Art der Werkzeuge, deren Art nicht dasteht</translation>
    </message>
    <message>
        <source>without a kind: %1</source>
        <translation>ohne Art: %1</translation>
    </message>
    <message>
        <source>What the table says</source>
        <translation>Was die Tabelle sagt</translation>
    </message>
    <message>
        <source>Rows that make no tool</source>
        <translation>Zeilen, die kein Werkzeug ergeben</translation>
    </message>
    <message>
        <source>Leave it   Esc</source>
        <translation>Nicht übernehmen   Esc</translation>
    </message>
    <message>
        <source>a comma before the decimals</source>
        <translation>ein Komma vor den Dezimalen</translation>
    </message>
    <message>
        <source>a point before the decimals</source>
        <translation>ein Punkt vor den Dezimalen</translation>
    </message>
    <message>
        <source>What “%1” is</source>
        <translation>Was „%1“ ist</translation>
    </message>
    <message>
        <source>not used</source>
        <translation>nicht verwendet</translation>
    </message>
    <message numerus="yes">
        <source>Add %n tools</source>
        <translation>
            <numerusform>%n Werkzeug übernehmen</numerusform>
            <numerusform>%n Werkzeuge übernehmen</numerusform>
        </translation>
    </message>
    <message>
        <source>Every row makes a tool.</source>
        <translation>Jede Zeile ergibt ein Werkzeug.</translation>
    </message>
    <message numerus="yes">
        <source>%n rows make no tool and are skipped:</source>
        <translation>
            <numerusform>%n Zeile ergibt kein Werkzeug und wird übergangen:</numerusform>
            <numerusform>%n Zeilen ergeben kein Werkzeug und werden übergangen:</numerusform>
        </translation>
    </message>
    <message>
        <source>; these tool numbers are taken and were left as they are: %1</source>
        <translation>; diese Werkzeugnummern sind vergeben und blieben, wie sie sind: %1</translation>
    </message>
    <message numerus="yes">
        <source>; %n rows made no tool and were skipped, the first one: %1</source>
        <translation>
            <numerusform>; %n Zeile ergab kein Werkzeug und wurde übergangen: %1</numerusform>
            <numerusform>; %n Zeilen ergaben kein Werkzeug und wurden übergangen, die erste: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Tables (*.csv *.txt *.tsv);;All files (*)</source>
        <translation>Tabellen (*.csv *.txt *.tsv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>This job</source>
        <translation>Dieser Auftrag</translation>
    </message>
    <message>
        <source>This shop</source>
        <translation>Diese Werkstatt</translation>
    </message>
    <message>
        <source>Papers</source>
        <translation>Papiere</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Heat and cold of this shop</source>
        <translation>Wärme und Kälte dieser Werkstatt</translation>
    </message>
    <message>
        <source>Gauges of this shop</source>
        <translation>Messgeräte dieser Werkstatt</translation>
    </message>
    <message>
        <source>People of this shop</source>
        <translation>Leute dieser Werkstatt</translation>
    </message>
    <message>
        <source>Bearings of this shop</source>
        <translation>Lager dieser Werkstatt</translation>
    </message>
    <message>
        <source>Stand-in: work its ram, push its button</source>
        <translation>Ersatz: Stößel bewegen, Taste drücken</translation>
    </message>
    <message>
        <source>Tour: one press, by your own hands</source>
        <translation>Rundgang: eine Pressung mit eigenen Händen</translation>
    </message>
    <message>
        <source>Six stops, five minutes: a bearing is pressed home by your own hands, on a copy of the demo shop. It can be left at any time, and lies under Menu, Practice.</source>
        <translation>Sechs Stationen, fünf Minuten: ein Lager wird mit den eigenen Händen bis zum Anschlag gepresst, an einer Kopie der Beispielwerkstatt. Er lässt sich jederzeit verlassen und liegt unter Menü, Übung.</translation>
    </message>
    <message>
        <source>A job</source>
        <translation>Ein Auftrag</translation>
    </message>
    <message>
        <source>These are the jobs of a shop. The arrows choose one, Enter opens it: take the seamer turret.</source>
        <translation>Das sind die Aufträge einer Werkstatt. Die Pfeile wählen einen, Enter öffnet ihn: den Verschließerturm nehmen (Seamer turret).</translation>
    </message>
    <message>
        <source>Its order of work</source>
        <translation>Seine Arbeitsfolge</translation>
    </message>
    <message>
        <source>Left is the order of work, as the parts allow it, with a mark where something is done or stops. The bearing is to go into its housing now. Ctrl+5 shows what it is pressed with.</source>
        <translation>Links steht die Arbeitsfolge, wie die Teile sie zulassen, mit einer Marke, wo etwas erledigt ist oder anhält. Jetzt soll das Lager in sein Gehäuse. Strg+5 zeigt, womit es gepresst wird.</translation>
    </message>
    <message>
        <source>Sleeve, support and stroke are chosen from the rack, and the thick line proves where the force goes. The right arrow tries another sleeve; watch the line. Escape takes the proven one again.</source>
        <translation>Hülse, Auflage und Hub sind aus dem Regal gewählt, und die dicke Linie weist nach, wo die Kraft geht. Der Pfeil nach rechts versucht eine andere Hülse; auf die Linie achten. Esc nimmt wieder die nachgewiesene.</translation>
    </message>
    <message>
        <source>Warm</source>
        <translation>Wärmen</translation>
    </message>
    <message>
        <source>Ctrl+6: how hot, how long, and what must not get so hot. Today it goes in cold: press C.</source>
        <translation>Strg+6: wie heiß, wie lange, und was nicht so heiß werden darf. Heute geht es kalt hinein: C drücken.</translation>
    </message>
    <message>
        <source>Ctrl+7: the band is what this seat should take. A stand-in press is connected. Space records, Ctrl+Shift+G works the ram; when the card says it is home, Space keeps what was recorded.</source>
        <translation>Strg+7: das Band ist, was dieser Sitz nehmen soll. Eine Ersatzpresse ist verbunden. Die Leertaste zeichnet auf, Strg+Umschalt+G bewegt den Stößel; wenn die Karte „anliegend“ sagt, behält die Leertaste, was aufgezeichnet wurde.</translation>
    </message>
    <message>
        <source>Ctrl+8: is it home, is it square? Type the depth at three places or more, each with Enter: what home is stands beside the clock.</source>
        <translation>Strg+8: liegt es an, steht es rechtwinklig? Die Tiefe an drei Stellen oder mehr tippen, jede mit Enter: was anliegend heißt, steht neben der Uhr.</translation>
    </message>
    <message>
        <source>This list is left alone, and what ships stands in its place. %1</source>
        <translation>Diese Liste bleibt, wie sie ist, und an ihrer Stelle gilt, was mitgeliefert ist. %1</translation>
    </message>
    <message>
        <source>A row of the rack is no tool and was skipped. %1</source>
        <translation>Eine Zeile des Regals ist kein Werkzeug und wurde übergangen. %1</translation>
    </message>
    <message numerus="yes">
        <source>%n more rows were skipped.</source>
        <translation>
            <numerusform>%n weitere Zeile wurde übergangen.</numerusform>
            <numerusform>%n weitere Zeilen wurden übergangen.</numerusform>
        </translation>
    </message>
    <message>
        <source>a row of the shop’s own: this one ships with the program</source>
        <translation>eine eigene Zeile der Werkstatt: diese wird mitgeliefert</translation>
    </message>
    <message>
        <source>the opening at each notch, in mm, with a blank between them</source>
        <translation>die Höhe an jeder Raste, in mm, mit einem Leerzeichen dazwischen</translation>
    </message>
    <message>
        <source>housing</source>
        <comment>heated</comment>
        <translation>Gehäuse</translation>
    </message>
    <message>
        <source>ring</source>
        <comment>heated</comment>
        <translation>Ring</translation>
    </message>
    <message>
        <source>shaft</source>
        <comment>heated</comment>
        <translation>Welle</translation>
    </message>
    <message>
        <source>for</source>
        <translation>für</translation>
    </message>
    <message>
        <source>least °C</source>
        <translation>mindestens °C</translation>
    </message>
    <message>
        <source>warms</source>
        <translation>wärmt</translation>
    </message>
    <message>
        <source>chills</source>
        <translation>kühlt</translation>
    </message>
    <message>
        <source>most °C</source>
        <translation>höchstens °C</translation>
    </message>
    <message>
        <source>W/m²K</source>
        <translation>W/m²K</translation>
    </message>
    <message>
        <source>emissivity</source>
        <translation>Emissionsgrad</translation>
    </message>
    <message>
        <source>share of surface</source>
        <translation>Anteil der Fläche</translation>
    </message>
    <message>
        <source>power W</source>
        <translation>Leistung W</translation>
    </message>
    <message>
        <source>deep groove ball</source>
        <translation>Rillenkugel</translation>
    </message>
    <message>
        <source>angular contact ball</source>
        <translation>Schrägkugel</translation>
    </message>
    <message>
        <source>double-row angular ball</source>
        <translation>Schrägkugel, zweireihig</translation>
    </message>
    <message>
        <source>cylindrical roller NU</source>
        <translation>Zylinderrolle NU</translation>
    </message>
    <message>
        <source>cylindrical roller NJ</source>
        <translation>Zylinderrolle NJ</translation>
    </message>
    <message>
        <source>cylindrical roller N</source>
        <translation>Zylinderrolle N</translation>
    </message>
    <message>
        <source>taper roller</source>
        <translation>Kegelrolle</translation>
    </message>
    <message>
        <source>inch taper roller</source>
        <translation>Kegelrolle, Zoll</translation>
    </message>
    <message>
        <source>needle roller</source>
        <translation>Nadel</translation>
    </message>
    <message>
        <source>spherical roller</source>
        <translation>Pendelrolle</translation>
    </message>
    <message>
        <source>thrust ball</source>
        <translation>Axialkugel</translation>
    </message>
    <message>
        <source>hub ring</source>
        <translation>Nabenlager</translation>
    </message>
    <message>
        <source>bore mm</source>
        <translation>Bohrung mm</translation>
    </message>
    <message>
        <source>outside mm</source>
        <translation>Außen mm</translation>
    </message>
    <message>
        <source>width mm</source>
        <translation>Breite mm</translation>
    </message>
    <message>
        <source>inner ring Ø, cone width mm</source>
        <translation>Innenring-Ø, Innenringbreite mm</translation>
    </message>
    <message>
        <source>outer ring Ø, cup width mm</source>
        <translation>Außenring-Ø, Außenringbreite mm</translation>
    </message>
    <message>
        <source>bore gauge</source>
        <translation>Innenmessgerät</translation>
    </message>
    <message>
        <source>micrometer, outside</source>
        <translation>Bügelmessschraube</translation>
    </message>
    <message>
        <source>thermometer</source>
        <translation>Thermometer</translation>
    </message>
    <message>
        <source>torque wrench</source>
        <translation>Drehmomentschlüssel</translation>
    </message>
    <message>
        <source>calibration due</source>
        <translation>Kalibrierung fällig</translation>
    </message>
    <message>
        <source>state</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>calibration overdue</source>
        <translation>Kalibrierung überfällig</translation>
    </message>
    <message>
        <source>calibration not stated</source>
        <translation>Kalibrierung nicht angegeben</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>uncertainty µm</source>
        <translation>Unsicherheit µm</translation>
    </message>
    <message>
        <source>may release</source>
        <translation>darf freigeben</translation>
    </message>
    <message>
        <source>Machinist</source>
        <translation>Werker</translation>
    </message>
    <message>
        <source>Shop presses, hand presses, vices. Daylight is the opening at each notch of the bed, one after the other; a piston of 0 is a press without a gauge; a throat of 0 is open on both sides. Nobody knows the force of a vice.</source>
        <translation>Werkstattpressen, Handpressen, Schraubstöcke. Die Höhe gilt an jeder Raste des Tisches, eine nach der anderen; ein Kolben von 0 ist eine Presse ohne Manometer; eine Ausladung von 0 ist an beiden Seiten offen. Die Kraft eines Schraubstocks kennt niemand.</translation>
    </message>
    <message>
        <source>Heat and cold</source>
        <translation>Wärme und Kälte</translation>
    </message>
    <message>
        <source>Ovens, plates, freezers, with the temperature they really have: type what your thermometer said. What ships stands until it is typed over; Delete brings it back.</source>
        <translation>Öfen, Platten, Gefrierschränke, mit der Temperatur, die sie wirklich haben: tippen, was das Thermometer sagte. Was mitgeliefert ist, gilt, bis es übertippt wird; Entf bringt es zurück.</translation>
    </message>
    <message>
        <source>Gauges</source>
        <translation>Messgeräte</translation>
    </message>
    <message>
        <source>Each by the number on it. Its uncertainty counts wherever it is named beside a reading; a calibration that has run out is a check at that reading.</source>
        <translation>Jedes mit der Nummer, die es trägt. Seine Unsicherheit zählt, wo es neben einer Ablesung genannt ist; eine abgelaufene Kalibrierung ist dort zu prüfen.</translation>
    </message>
    <message>
        <source>Another gauge   Ins</source>
        <translation>Noch ein Messgerät   Einfg</translation>
    </message>
    <message>
        <source>People</source>
        <translation>Leute</translation>
    </message>
    <message>
        <source>Who presses, measures and signs here; their names are offered wherever one is asked for.</source>
        <translation>Wer hier presst, misst und unterschreibt; ihre Namen werden angeboten, wo einer gefragt ist.</translation>
    </message>
    <message>
        <source>Another one   Ins</source>
        <translation>Noch jemand   Einfg</translation>
    </message>
    <message>
        <source>Those that ship have usual design values and stay as they are. Insert makes one of this shop’s own like the row you stand on: type its name and figures over it, from its maker’s sheet.</source>
        <translation>Die mitgelieferten haben übliche Rechenwerte und bleiben, wie sie sind. Einfg macht einen eigenen wie die Zeile, auf der man steht: Name und Werte darüber tippen, vom Blatt des Herstellers.</translation>
    </message>
    <message>
        <source>Bearings</source>
        <translation>Lager</translation>
    </message>
    <message>
        <source>Bearings of our own</source>
        <translation>Eigene Lager</translation>
    </message>
    <message>
        <source>What no catalogue has, by what the calipers say. Inside they are taken as such bearings usually are, so their ratings are estimates.</source>
        <translation>Was kein Katalog hat, nach dem, was der Messschieber sagt. Innen gelten sie als so, wie solche Lager gewöhnlich sind; ihre Tragzahlen sind darum Schätzungen.</translation>
    </message>
    <message>
        <source>Another bearing   Ins</source>
        <translation>Noch ein Lager   Einfg</translation>
    </message>
    <message>
        <source>By its use and the larger bore. There is no standard: the machine maker’s figure goes before all of these. Type over a row and it becomes this shop’s own.</source>
        <translation>Nach Verwendung und der größeren Bohrung. Eine Norm gibt es nicht: der Wert des Maschinenherstellers geht vor. Eine übertippte Zeile wird zu einer eigenen dieser Werkstatt.</translation>
    </message>
    <message>
        <source>Change a row</source>
        <translation>Zeile ändern</translation>
    </message>
    <message>
        <source>Another row</source>
        <translation>Noch eine Zeile</translation>
    </message>
    <message>
        <source>Take a row away</source>
        <translation>Zeile wegnehmen</translation>
    </message>
    <message>
        <source>Torque wrench no.</source>
        <translation>Drehmomentschlüssel Nr.</translation>
    </message>
    <message>
        <source>Read with gauge no.</source>
        <translation>Gelesen mit Messgerät Nr.</translation>
    </message>
    <message>
        <source>Begin the tour</source>
        <translation>Rundgang beginnen</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Jetzt nicht</translation>
    </message>
    <message>
        <source>A tour?</source>
        <translation>Ein Rundgang?</translation>
    </message>
    <message>
        <source>Leave the tour</source>
        <translation>Rundgang verlassen</translation>
    </message>
    <message>
        <source>That was one press.</source>
        <translation>Das war eine Pressung.</translation>
    </message>
    <message>
        <source>Every other step of every job goes the same way. F1 explains the place you are in, Ctrl+J goes anywhere by its name, Ctrl+N begins a job of your own.</source>
        <translation>Jeder andere Schritt jedes Auftrags geht genauso. F1 erklärt, wo man gerade ist, Strg+J geht nach Namen überallhin, Strg+N beginnt einen eigenen Auftrag.</translation>
    </message>
    <message>
        <source>Stop %1 of %2 · %3</source>
        <translation>Station %1 von %2 · %3</translation>
    </message>
    <message>
        <source>Thermometer no.</source>
        <translation>Thermometer Nr.</translation>
    </message>
    <message>
        <source>The {one} is Ø{size} where the bore of the {other} is Ø{limit}: one of the two must give way by {by}</source>
        <translation>{one} hat Ø{size}, wo die Bohrung von {other} Ø{limit} hat: eines von beiden muss um {by} nachgeben</translation>
    </message>
    <message>
        <source>The {one} and the {other} lie in the same {by} of the axis: one of the two must be shorter</source>
        <translation>{one} und {other} liegen auf denselben {by} der Achse: eines von beiden muss kürzer sein</translation>
    </message>
    <message>
        <source>Gauge {number} is out of calibration</source>
        <translation>Die Kalibrierung von Messgerät {number} ist abgelaufen</translation>
    </message>
    <message>
        <source>it was due {day}: read again with another one, or have it calibrated</source>
        <translation>sie war am {day} fällig: mit einem anderen noch einmal lesen, oder kalibrieren lassen</translation>
    </message>
    <message>
        <source>Gauge {number} is none of this shop’s</source>
        <translation>Messgerät {number} gehört nicht zu dieser Werkstatt</translation>
    </message>
    <message>
        <source>enter it among the gauges, with its calibration, or correct the number</source>
        <translation>bei den Messgeräten eintragen, mit seiner Kalibrierung, oder die Nummer berichtigen</translation>
    </message>
    <message>
        <source>Which gauge was it?</source>
        <translation>Welches Messgerät war es?</translation>
    </message>
    <message>
        <source>name its number beside the reading</source>
        <translation>seine Nummer neben der Ablesung nennen</translation>
    </message>
    <message numerus="yes">
        <source>%n rows, parted by %1, %2. Say over each column what it is; what is not used is left out.</source>
        <translation>
            <numerusform>%n Zeile, getrennt durch %1, %2. Über jeder Spalte sagen, was sie ist; was nicht verwendet wird, fällt weg.</numerusform>
            <numerusform>%n Zeilen, getrennt durch %1, %2. Über jeder Spalte sagen, was sie ist; was nicht verwendet wird, fällt weg.</numerusform>
        </translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Move a part</source>
        <translation>Teil verschieben</translation>
    </message>
    <message>
        <source>Exit codes: 0 all is well, 2 the input is wrong.</source>
        <translation>Rückgabewerte: 0 alles in Ordnung, 2 die Eingabe ist falsch.</translation>
    </message>
    <message>
        <source>Print the version and exit</source>
        <translation>Version ausgeben und beenden</translation>
    </message>
    <message>
        <source>Exit codes: 0 all is well, 1 a verdict is stop, 2 the input is wrong.</source>
        <translation>Rückgabewerte: 0 alles in Ordnung, 1 ein Urteil heißt Halt, 2 die Eingabe ist falsch.</translation>
    </message>
    <message>
        <source>up to 100 MN</source>
        <translation>bis 100 MN</translation>
    </message>
    <message>
        <source>up to 10 m</source>
        <translation>bis 10 m</translation>
    </message>
    <message>
        <source>a travel within 5 m and a force within 100 MN</source>
        <translation>ein Weg bis 5 m und eine Kraft bis 100 MN</translation>
    </message>
    <message>
        <source>a file inside the shop’s folder</source>
        <translation>eine Datei im Ordner der Werkstatt</translation>
    </message>
    <message>
        <source>no password in it: PGPASSWORD or ~/.pgpass</source>
        <translation>kein Passwort darin: PGPASSWORD oder ~/.pgpass</translation>
    </message>
    <message>
        <source>Take the version before of %1; the unreadable one stays beside it</source>
        <translation>Die Fassung davor von %1 nehmen; die unlesbare bleibt daneben liegen</translation>
    </message>
    <message>
        <source>; of these sizes there are %1 too: type the number for another</source>
        <translation>; in diesen Maßen gibt es auch %1: für ein anderes die Nummer tippen</translation>
    </message>
    <message>
        <source>No shop is open. Look at the demo shop, start your own, or open one.</source>
        <translation>Keine Werkstatt ist offen. Die Beispielwerkstatt ansehen, eine eigene beginnen oder eine öffnen.</translation>
    </message>
    <message>
        <source>No job is open. Enter opens one of the list, Ctrl+N begins one.</source>
        <translation>Kein Auftrag ist offen. Eingabe öffnet einen der Liste, Strg+N beginnt einen.</translation>
    </message>
    <message>
        <source>the program’s</source>
        <translation>vom Programm</translation>
    </message>
    <message>
        <source>tell on the standard error what is done</source>
        <translation>auf der Standardfehlerausgabe sagen, was getan wird</translation>
    </message>
    <message>
        <source>open the job in the window that is running, where there is one</source>
        <translation>den Auftrag in dem Fenster öffnen, das schon läuft, wenn es eines gibt</translation>
    </message>
    <message>
        <source>ordinary files alone</source>
        <translation>nur gewöhnliche Dateien</translation>
    </message>
    <message>
        <source>to be left to its end</source>
        <translation>dass es zu Ende laufen darf</translation>
    </message>
    <message>
        <source>a backup of a shop</source>
        <translation>eine Sicherung einer Werkstatt</translation>
    </message>
    <message>
        <source>the file as it was put in</source>
        <translation>die Datei, wie sie hineingelegt wurde</translation>
    </message>
    <message>
        <source>a file of its list</source>
        <translation>eine Datei seiner Liste</translation>
    </message>
    <message>
        <source>a folder of jobs</source>
        <translation>ein Ordner mit Aufträgen</translation>
    </message>
    <message>
        <source>a folder that is new or empty</source>
        <translation>ein neuer oder leerer Ordner</translation>
    </message>
    <message>
        <source>{where}: {shop} of {made}, {files} files, every one as it was put in</source>
        <translation>{where}: {shop} vom {made}, {files} Dateien, jede so, wie sie hineingelegt wurde</translation>
    </message>
    <message>
        <source>A whole shop into one dated archive: jobs, traces, photos, logbook</source>
        <translation>Eine ganze Werkstatt in ein Archiv mit Datum: Aufträge, Kurven, Fotos, Logbuch</translation>
    </message>
    <message>
        <source>folder of jobs; with --check an archive</source>
        <translation>Ordner mit Aufträgen; mit --check ein Archiv</translation>
    </message>
    <message>
        <source>folder for the archive (default: here)</source>
        <translation>Ordner für das Archiv (sonst hier)</translation>
    </message>
    <message>
        <source>sqlite:/path/to/file or postgresql://user@host:port/database (default: beside the jobs)</source>
        <translation>sqlite:/pfad/zur/datei oder postgresql://user@host:port/database (sonst neben den Aufträgen)</translation>
    </message>
    <message>
        <source>read an archive to its end and compare every file with its list</source>
        <translation>ein Archiv bis zum Ende lesen und jede Datei mit seiner Liste vergleichen</translation>
    </message>
    <message>
        <source>An archive back into a folder that is new or empty</source>
        <translation>Ein Archiv zurück in einen neuen oder leeren Ordner</translation>
    </message>
    <message>
        <source>as backup made it (*.tar.gz)</source>
        <translation>wie backup es angelegt hat (*.tar.gz)</translation>
    </message>
    <message>
        <source>new or empty</source>
        <translation>neu oder leer</translation>
    </message>
    <message>
        <source>a text in quotes</source>
        <translation>ein Text in Anführungszeichen</translation>
    </message>
    <message>
        <source>a list in brackets</source>
        <translation>eine Liste in eckigen Klammern</translation>
    </message>
    <message>
        <source>names and values in braces</source>
        <translation>Namen und Werte in geschweiften Klammern</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>eine ganze Zahl</translation>
    </message>
    <message>
        <source>{1} or more</source>
        <translation>{1} oder mehr</translation>
    </message>
    <message>
        <source>&gt; {1}</source>
        <translation>&gt; {1}</translation>
    </message>
    <message>
        <source>&lt; {1}</source>
        <translation>&lt; {1}</translation>
    </message>
    <message>
        <source>fewer entries</source>
        <translation>weniger Einträge</translation>
    </message>
    <message>
        <source>at most {1} letters</source>
        <translation>höchstens {1} Buchstaben</translation>
    </message>
    <message>
        <source>an answer within 3 s</source>
        <translation>eine Antwort innerhalb von 3 s</translation>
    </message>
    <message>
        <source>Stop it</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>%1: %2 of %3</source>
        <translation>%1: %2 von %3</translation>
    </message>
    <message>
        <source>The record stands in the job alone: %1</source>
        <translation>Das Protokoll steht nur im Auftrag: %1</translation>
    </message>
    <message>
        <source>%1 was damaged. It lies beside it as %2; a new one was made of what the jobs have on record: %3.</source>
        <translation>%1 war beschädigt. Es liegt daneben als %2; aus dem, was die Aufträge festhalten, wurde ein neues angelegt: %3.</translation>
    </message>
    <message>
        <source>%1: %2, %3 files, every one as it was put in</source>
        <translation>%1: %2, %3 Dateien, jede so, wie sie hineingelegt wurde</translation>
    </message>
    <message>
        <source>A folder for the archive</source>
        <translation>Ein Ordner für das Archiv</translation>
    </message>
    <message>
        <source>A backup of a shop</source>
        <translation>Eine Sicherung einer Werkstatt</translation>
    </message>
    <message>
        <source>Backups (*.tar.gz)</source>
        <translation>Sicherungen (*.tar.gz)</translation>
    </message>
    <message>
        <source>A new or empty folder for it</source>
        <translation>Ein neuer oder leerer Ordner dafür</translation>
    </message>
    <message>
        <source>The shop is backed up</source>
        <translation>Die Werkstatt wird gesichert</translation>
    </message>
    <message>
        <source>The backup is taken back</source>
        <translation>Die Sicherung wird zurückgeholt</translation>
    </message>
    <message>
        <source>Back up this shop…</source>
        <translation>Diese Werkstatt sichern…</translation>
    </message>
    <message>
        <source>Take back a backup…</source>
        <translation>Eine Sicherung zurückholen…</translation>
    </message>
    <message>
        <source>Open the folder of the report</source>
        <translation>Den Ordner des Berichts öffnen</translation>
    </message>
    <message>
        <source>The program ended by itself last time. Nothing was sent anywhere: what it left about it is %1, without anything of a job.</source>
        <translation>Das Programm hat sich beim letzten Mal von selbst beendet. Nichts wurde irgendwohin geschickt: was es darüber hinterlassen hat, ist %1, ohne etwas aus einem Auftrag.</translation>
    </message>
    <message>
        <source>{problem}: {reason}</source>
        <translation>{problem}: {reason}</translation>
    </message>
    <message numerus="yes">
        <source>%n records wait on this bench until the logbook is there</source>
        <translation>
            <numerusform>%n Protokoll wartet an diesem Platz, bis das Logbuch da ist</numerusform>
            <numerusform>%n Protokolle warten an diesem Platz, bis das Logbuch da ist</numerusform>
        </translation>
    </message>
    <message>
        <source>to the press now</source>
        <translation>jetzt zur Presse</translation>
    </message>
    <message>
        <source>do not start it: heat it again</source>
        <translation>nicht beginnen: noch einmal erwärmen</translation>
    </message>
    <message>
        <source>stop the ram, look at what it shows</source>
        <translation>Stößel anhalten, ansehen, was angezeigt wird</translation>
    </message>
    <message>
        <source>its time is up</source>
        <translation>die Zeit ist um</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Dorthin</translation>
    </message>
    <message>
        <source>Mute  Shift+F10</source>
        <translation>Stumm  Umschalt+F10</translation>
    </message>
    <message>
        <source>Acknowledge  F10</source>
        <translation>Quittieren  F10</translation>
    </message>
    <message>
        <source>  (%1 more)</source>
        <translation>  (noch %1)</translation>
    </message>
    <message>
        <source>Alarm</source>
        <translation>Alarm</translation>
    </message>
    <message>
        <source>soon</source>
        <translation>bald</translation>
    </message>
    <message>
        <source>hurry</source>
        <translation>beeilen</translation>
    </message>
    <message>
        <source>Acknowledge the alarm</source>
        <translation>Alarm quittieren</translation>
    </message>
    <message>
        <source>Mark</source>
        <translation>Markieren</translation>
    </message>
    <message>
        <source>Previous step</source>
        <translation>Voriger Schritt</translation>
    </message>
    <message>
        <source>Next step</source>
        <translation>Nächster Schritt</translation>
    </message>
    <message>
        <source>Leave  F11</source>
        <translation>Verlassen  F11</translation>
    </message>
    <message>
        <source>Space or foot switch stops. Enter marks.</source>
        <translation>Leertaste oder Fußschalter hält an. Eingabe markiert.</translation>
    </message>
    <message>
        <source>Space, foot switch or Enter.</source>
        <translation>Leertaste, Fußschalter oder Eingabe.</translation>
    </message>
    <message>
        <source>Enter, when you have looked. No switch answers this.</source>
        <translation>Eingabe, wenn Sie nachgesehen haben. Kein Schalter beantwortet das.</translation>
    </message>
    <message>
        <source>stop over {force}</source>
        <translation>Stopp über {force}</translation>
    </message>
    <message>
        <source>Home: keep the trace</source>
        <translation>Am Anschlag: Verlauf behalten</translation>
    </message>
    <message>
        <source>Space. M: mark. Z: zero here.</source>
        <translation>Leertaste. M: markieren. Z: hier nullen.</translation>
    </message>
    <message>
        <source>Mark the press</source>
        <translation>Pressung markieren</translation>
    </message>
    <message>
        <source>gauge %1%2, used on %3: %4</source>
        <translation>Messgerät %1%2, verwendet am %3: %4</translation>
    </message>
    <message>
        <source>not in This shop</source>
        <translation>nicht in Diese Werkstatt</translation>
    </message>
    <message>
        <source>calibration due %1</source>
        <translation>Kalibrierung fällig %1</translation>
    </message>
    <message>
        <source>Job file %1, SHA-256 %2</source>
        <translation>Auftragsdatei %1, SHA-256 %2</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>Route card</source>
        <translation>Laufkarte</translation>
    </message>
    <message>
        <source>Job report</source>
        <translation>Auftragsbericht</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Etikett</translation>
    </message>
    <message>
        <source>Size of the paper</source>
        <translation>Größe des Papiers</translation>
    </message>
    <message>
        <source>Save as PDF  Enter</source>
        <translation>Als PDF sichern  Eingabe</translation>
    </message>
    <message>
        <source>Print…  Ctrl+P</source>
        <translation>Drucken…  Strg+P</translation>
    </message>
    <message>
        <source>somebody who may release by This shop, People</source>
        <translation>jemand, der nach Diese Werkstatt, Leute freigeben darf</translation>
    </message>
    <message>
        <source>Take the release back</source>
        <translation>Freigabe zurücknehmen</translation>
    </message>
    <message>
        <source>Released by %1, %2: the record stands. To change it, open a revision on Close (Ctrl+Shift+E).</source>
        <translation>Freigegeben von %1, %2: das Protokoll steht. Um es zu ändern, beim Abschluss eine Revision öffnen (Strg+Umschalt+E).</translation>
    </message>
    <message>
        <source>This job was released on another bench meanwhile: open it again to see it. Nothing was changed.</source>
        <translation>Dieser Auftrag wurde inzwischen an einem anderen Platz freigegeben: noch einmal öffnen, um es zu sehen. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>who opens it again</source>
        <translation>wer ihn wieder öffnet</translation>
    </message>
    <message>
        <source>what has to be changed</source>
        <translation>was zu ändern ist</translation>
    </message>
    <message>
        <source>no other file of this name: it is not this release</source>
        <translation>keine andere Datei dieses Namens: sie ist nicht diese Freigabe</translation>
    </message>
    <message>
        <source>Open a revision</source>
        <translation>Revision öffnen</translation>
    </message>
    <message>
        <source>A switch answers for no check, no stop and no release: Enter, when you have looked.</source>
        <translation>Ein Schalter steht für keine Prüfung, keinen Stopp und keine Freigabe ein: Eingabe, wenn Sie nachgesehen haben.</translation>
    </message>
    <message>
        <source>This computer has no sound: alarms are only shown.</source>
        <translation>Dieser Rechner hat keinen Ton: Alarme werden nur angezeigt.</translation>
    </message>
    <message>
        <source>That label is of another shop, “%1”; open here is “%2”.</source>
        <translation>Dieses Etikett gehört zu einer anderen Werkstatt, „%1“; offen ist hier „%2“.</translation>
    </message>
    <message>
        <source>This shop has no job %1.</source>
        <translation>Diese Werkstatt hat keinen Auftrag %1.</translation>
    </message>
    <message>
        <source>Big view</source>
        <translation>Große Ansicht</translation>
    </message>
    <message>
        <source>Mute this alarm</source>
        <translation>Diesen Alarm stumm schalten</translation>
    </message>
    <message>
        <source>This bench: texts, big view, alarms</source>
        <translation>Dieser Platz: Texte, große Ansicht, Alarme</translation>
    </message>
    <message>
        <source>Job label</source>
        <translation>Auftragsetikett</translation>
    </message>
    <message>
        <source>Papers of %1</source>
        <translation>Papiere zu %1</translation>
    </message>
    <message>
        <source>This bench</source>
        <translation>Dieser Platz</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Size of texts</source>
        <translation>Größe der Texte</translation>
    </message>
    <message>
        <source>Number pad when a field is touched</source>
        <translation>Ziffernfeld, wenn ein Feld berührt wird</translation>
    </message>
    <message>
        <source>By itself on a second screen</source>
        <translation>Von selbst auf einem zweiten Bildschirm</translation>
    </message>
    <message>
        <source>Foot switch, beside the space bar</source>
        <translation>Fußschalter, neben der Leertaste</translation>
    </message>
    <message>
        <source>Alarms</source>
        <translation>Alarme</translation>
    </message>
    <message>
        <source>Told ahead, before a time is up [s]</source>
        <translation>Vorher gemeldet, ehe eine Zeit um ist [s]</translation>
    </message>
    <message>
        <source>Volume</source>
        <translation>Lautstärke</translation>
    </message>
    <message>
        <source>Try: %1</source>
        <translation>Probe: %1</translation>
    </message>
    <message>
        <source>Tread on it now…</source>
        <translation>Jetzt darauf treten…</translation>
    </message>
    <message>
        <source>none: press here, then tread on it</source>
        <translation>keiner: hier drücken, dann darauf treten</translation>
    </message>
    <message>
        <source>PIN</source>
        <translation>PIN</translation>
    </message>
    <message>
        <source>Lot or serial numbers</source>
        <translation>Los- oder Seriennummern</translation>
    </message>
    <message>
        <source>PIN of that person</source>
        <translation>PIN dieser Person</translation>
    </message>
    <message>
        <source>That is not the PIN of %1: nothing was released.</source>
        <translation>Das ist nicht die PIN von %1: nichts wurde freigegeben.</translation>
    </message>
    <message>
        <source>To change a released record, open a revision. By</source>
        <translation>Um ein freigegebenes Protokoll zu ändern, eine Revision öffnen. Von</translation>
    </message>
    <message>
        <source>Lot or serial number of %1</source>
        <translation>Los- oder Seriennummer von %1</translation>
    </message>
    <message>
        <source>%1 o’clock:  %2</source>
        <translation>%1 Uhr:  %2</translation>
    </message>
    <message>
        <source>Released by</source>
        <translation>Freigegeben von</translation>
    </message>
    <message>
        <source>Released on</source>
        <translation>Freigegeben am</translation>
    </message>
    <message>
        <source>Revision</source>
        <translation>Revision</translation>
    </message>
    <message>
        <source>Revision {number}, as released: {file}</source>
        <translation>Revision {number}, wie freigegeben: {file}</translation>
    </message>
    <message>
        <source>opened again by {who}, {when}: {reason}</source>
        <translation>wieder geöffnet von {who}, {when}: {reason}</translation>
    </message>
    <message>
        <source>Marked while it moved</source>
        <translation>Markiert, während es sich bewegte</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>{part}: soak left</source>
        <translation>{part}: Durchwärmen noch</translation>
    </message>
    <message>
        <source>New revision of this job</source>
        <translation>Neue Revision dieses Auftrags</translation>
    </message>
    <message>
        <source>F10 or the button acknowledges: the alarm is quiet then, and stands with its step.</source>
        <translation>F10 oder die Schaltfläche quittiert: dann ist der Alarm still und steht bei seinem Schritt.</translation>
    </message>
    <message>
        <source>read from two metres</source>
        <translation>aus zwei Metern zu lesen</translation>
    </message>
    <message>
        <source>Released: it stands. A revision changes it (Ctrl+Shift+E).</source>
        <translation>Freigegeben: es steht. Eine Revision ändert es (Strg+Umschalt+E).</translation>
    </message>
    <message>
        <source>Tool to turn</source>
        <translation>Zu drehendes Werkzeug</translation>
    </message>
    <message>
        <source>a job that is not released: open a revision first</source>
        <translation>ein Auftrag, der nicht freigegeben ist: erst eine Revision öffnen</translation>
    </message>
    <message>
        <source>Revision %1</source>
        <translation>Revision %1</translation>
    </message>
    <message>
        <source>as released: %1. Opened again by %2, %3: %4</source>
        <translation>wie freigegeben: %1. Wieder geöffnet von %2, %3: %4</translation>
    </message>
    <message>
        <source>This is revision</source>
        <translation>Dies ist Revision</translation>
    </message>
    <message>
        <source>hours as they were taken: the lines of an invoice</source>
        <translation>Stunden, wie sie gebraucht wurden: die Zeilen einer Rechnung</translation>
    </message>
    <message>
        <source>folder of jobs</source>
        <translation>Ordner mit Aufträgen</translation>
    </message>
    <message>
        <source>plan from then: 2026-11-30T07:00 (default: now)</source>
        <translation>von da an planen: 2026-11-30T07:00 (sonst: jetzt)</translation>
    </message>
    <message>
        <source>Hours, parts and prices of a job, to quote or to invoice</source>
        <translation>Stunden, Teile und Preise eines Auftrags, zum Anbieten oder Abrechnen</translation>
    </message>
    <message>
        <source>A job in plain words, for its customer</source>
        <translation>Ein Auftrag in einfachen Worten, für seinen Kunden</translation>
    </message>
    <message>
        <source>Every job of a shop on its presses, ovens and hands: what goes where when</source>
        <translation>Alle Aufträge einer Werkstatt auf ihren Pressen, Öfen und Händen: was wann wohin geht</translation>
    </message>
    <message>
        <source>When which machine is to be looked at again</source>
        <translation>Wann welche Maschine wieder anzusehen ist</translation>
    </message>
    <message>
        <source>a time as 2026-11-30T07:00</source>
        <translation>eine Zeit wie 2026-11-30T07:00</translation>
    </message>
    <message>
        <source>a time of day as 07:00</source>
        <translation>eine Uhrzeit wie 07:00</translation>
    </message>
    <message>
        <source>after it begins</source>
        <translation>nach dem Beginn</translation>
    </message>
    <message>
        <source>hour, piece or job</source>
        <translation>hour, piece oder job</translation>
    </message>
    <message>
        <source>what it is the price of</source>
        <translation>wovon es der Preis ist</translation>
    </message>
    <message>
        <source>each thing once</source>
        <translation>jedes nur einmal</translation>
    </message>
    <message>
        <source>a kind of work</source>
        <translation>eine Art Arbeit</translation>
    </message>
    <message>
        <source>a plan this program knows</source>
        <translation>ein Plan, den dieses Programm kennt</translation>
    </message>
    <message>
        <source>The day</source>
        <translation>Der Tag</translation>
    </message>
    <message numerus="yes">
        <source>one temperature, %n places</source>
        <translation>
            <numerusform>eine Temperatur, %n Platz</numerusform>
            <numerusform>eine Temperatur, %n Plätze</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n places</source>
        <translation>
            <numerusform>%n Platz</numerusform>
            <numerusform>%n Plätze</numerusform>
        </translation>
    </message>
    <message>
        <source>You</source>
        <translation>Sie</translation>
    </message>
    <message>
        <source>planning…</source>
        <translation>es wird geplant…</translation>
    </message>
    <message>
        <source>Wanted by</source>
        <translation>Gewünscht bis</translation>
    </message>
    <message>
        <source>12:00</source>
        <translation>12:00</translation>
    </message>
    <message>
        <source>Rank</source>
        <translation>Rang</translation>
    </message>
    <message>
        <source>first</source>
        <translation>zuerst</translation>
    </message>
    <message>
        <source>usual</source>
        <comment>rank</comment>
        <translation>üblich</translation>
    </message>
    <message>
        <source>when there is time</source>
        <translation>wenn Zeit ist</translation>
    </message>
    <message>
        <source>“%1” is no time: 12:00, or another day as 2027-03-31T12:00.</source>
        <translation>„%1“ ist keine Zeit: 12:00, oder an einem anderen Tag 2027-03-31T12:00.</translation>
    </message>
    <message>
        <source>Day %1</source>
        <translation>Tag %1</translation>
    </message>
    <message>
        <source>Begin work</source>
        <translation>Arbeit beginnen</translation>
    </message>
    <message>
        <source>There is no plan to print.</source>
        <translation>Es gibt keinen Plan zu drucken.</translation>
    </message>
    <message>
        <source>%1 is released, or of a newer program: nothing of it was changed.</source>
        <translation>%1 ist freigegeben oder von einem neueren Programm: daran wurde nichts geändert.</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Prices of this shop</source>
        <translation>Preise dieser Werkstatt</translation>
    </message>
    <message>
        <source>places</source>
        <translation>Plätze</translation>
    </message>
    <message>
        <source>litres</source>
        <translation>Liter</translation>
    </message>
    <message>
        <source>K per min</source>
        <translation>K je min</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>until</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>what</source>
        <comment>price</comment>
        <translation>was</translation>
    </message>
    <message>
        <source>of one</source>
        <translation>je</translation>
    </message>
    <message>
        <source>hour</source>
        <translation>Stunde</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>line</source>
        <comment>price</comment>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>Prices</source>
        <translation>Preise</translation>
    </message>
    <message>
        <source>What quotes and invoices are made of: an hour of “work”, or of one kind of it (strip, out, measure, in, prove, adjust, close); a piece by its designation, or as the kit list calls it; and what is charged once a job.</source>
        <translation>Woraus Angebote und Rechnungen bestehen: eine Stunde „work“, oder einer Art davon (strip, out, measure, in, prove, adjust, close); ein Stück nach seiner Bezeichnung, oder wie die Teileliste es nennt; und was einmal je Auftrag berechnet wird.</translation>
    </message>
    <message>
        <source>Another price   Ins</source>
        <translation>Noch ein Preis   Einfg</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>So</translation>
    </message>
    <message>
        <source>Mon</source>
        <translation>Mo</translation>
    </message>
    <message>
        <source>Tue</source>
        <translation>Di</translation>
    </message>
    <message>
        <source>Wed</source>
        <translation>Mi</translation>
    </message>
    <message>
        <source>Thu</source>
        <translation>Do</translation>
    </message>
    <message>
        <source>Fri</source>
        <translation>Fr</translation>
    </message>
    <message>
        <source>Sat</source>
        <translation>Sa</translation>
    </message>
    <message>
        <source>{job}: {what} at {time}</source>
        <translation>{job}: {what} um {time}</translation>
    </message>
    <message>
        <source>{job} by {time}</source>
        <translation>{job} bis {time}</translation>
    </message>
    <message>
        <source>The plan</source>
        <translation>Der Plan</translation>
    </message>
    <message>
        <source>{time}, {late} late</source>
        <translation>{time}, {late} zu spät</translation>
    </message>
    <message>
        <source>Nothing is left to begin</source>
        <translation>Es ist nichts mehr zu beginnen</translation>
    </message>
    <message>
        <source>Next: {job} {what}</source>
        <translation>Als Nächstes: {job} {what}</translation>
    </message>
    <message>
        <source>in {time}, at {clock}</source>
        <translation>in {time}, um {clock}</translation>
    </message>
    <message>
        <source>Open {job}</source>
        <translation>{job} öffnen</translation>
    </message>
    <message>
        <source>This build plans no day</source>
        <translation>Diese Fassung plant keinen Tag</translation>
    </message>
    <message>
        <source>It was made without the solver (Gecode, libgecode-dev). What is to be done is here, when is not.</source>
        <translation>Sie wurde ohne den Löser gebaut (Gecode, libgecode-dev). Was zu tun ist, steht hier, wann nicht.</translation>
    </message>
    <message>
        <source>No plan was found in time</source>
        <translation>In der Zeit fand sich kein Plan</translation>
    </message>
    <message>
        <source>intake</source>
        <translation>Annahme</translation>
    </message>
    <message>
        <source>strip</source>
        <translation>zerlegen</translation>
    </message>
    <message>
        <source>{part} out</source>
        <translation>{part} auspressen</translation>
    </message>
    <message>
        <source>{part} in</source>
        <translation>{part} einpressen</translation>
    </message>
    <message>
        <source>prove {part}</source>
        <translation>{part} nachweisen</translation>
    </message>
    <message>
        <source>adjust</source>
        <translation>einstellen</translation>
    </message>
    <message>
        <source>close</source>
        <translation>abschließen</translation>
    </message>
    <message>
        <source>{job} takes {time} longer</source>
        <translation>{job} dauert {time} länger</translation>
    </message>
    <message>
        <source>{what}: until {is}, not {was}</source>
        <translation>{what}: bis {is}, nicht {was}</translation>
    </message>
    <message>
        <source>{job} moved</source>
        <translation>{job} hat sich verschoben</translation>
    </message>
    <message>
        <source>{what} at {is}, not {was}</source>
        <translation>{what} um {is}, nicht {was}</translation>
    </message>
    <message>
        <source>{job} is new</source>
        <translation>{job} ist neu</translation>
    </message>
    <message>
        <source>{what} at {is}</source>
        <translation>{what} um {is}</translation>
    </message>
    <message>
        <source>not by itself: what comes before it, or the hours, are in its way</source>
        <translation>auch allein nicht: was davor kommt, oder die Arbeitszeit, steht im Weg</translation>
    </message>
    <message>
        <source>its own work takes longer, with nobody in its way</source>
        <translation>seine eigene Arbeit dauert länger, auch wenn ihm niemand im Weg ist</translation>
    </message>
    <message>
        <source>with {other}: one of them can be, both cannot</source>
        <translation>mit {other}: eines davon geht, beide nicht</translation>
    </message>
    <message>
        <source>Nothing to plan</source>
        <translation>Nichts zu planen</translation>
    </message>
    <message>
        <source>No job of this shop has an open step.</source>
        <translation>Kein Auftrag dieser Werkstatt hat einen offenen Schritt.</translation>
    </message>
    <message>
        <source>What moved, and why</source>
        <translation>Was sich verschob, und warum</translation>
    </message>
    <message>
        <source>How good the plan is</source>
        <translation>Wie gut der Plan ist</translation>
    </message>
    <message>
        <source>worse than the best there may be, at most</source>
        <translation>schlechter als der beste, den es geben kann, höchstens</translation>
    </message>
    <message>
        <source>{job}: {where} stops</source>
        <translation>{job}: {where} hält an</translation>
    </message>
    <message>
        <source>A job is not on the board</source>
        <translation>Ein Auftrag steht nicht auf der Tafel</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>pc</source>
        <translation>St.</translation>
    </message>
    <message>
        <source>What was wrong</source>
        <translation>Was nicht stimmte</translation>
    </message>
    <message>
        <source>What the old bearing showed</source>
        <translation>Was das alte Lager zeigte</translation>
    </message>
    <message>
        <source>What ended it</source>
        <translation>Woran es zu Ende ging</translation>
    </message>
    <message>
        <source>not known: it may happen again</source>
        <translation>nicht bekannt: es kann wieder geschehen</translation>
    </message>
    <message>
        <source>Sizes, old and new</source>
        <translation>Maße, alt und neu</translation>
    </message>
    <message>
        <source>repaired with a sleeve</source>
        <translation>mit einer Hülse instand gesetzt</translation>
    </message>
    <message>
        <source>{seat}: {measured}</source>
        <translation>{seat}: {measured}</translation>
    </message>
    <message>
        <source>wanted {band}: {verdict}</source>
        <translation>gewünscht {band}: {verdict}</translation>
    </message>
    <message>
        <source>New in it</source>
        <translation>Neu darin</translation>
    </message>
    <message>
        <source>How it sits now</source>
        <translation>Wie es jetzt sitzt</translation>
    </message>
    <message>
        <source>taking in</source>
        <comment>hours</comment>
        <translation>Annehmen</translation>
    </message>
    <message>
        <source>stripping</source>
        <comment>hours</comment>
        <translation>Zerlegen</translation>
    </message>
    <message>
        <source>pressing out</source>
        <comment>hours</comment>
        <translation>Auspressen</translation>
    </message>
    <message>
        <source>measuring</source>
        <comment>hours</comment>
        <translation>Messen</translation>
    </message>
    <message>
        <source>warming and chilling</source>
        <comment>hours</comment>
        <translation>Wärmen und Kühlen</translation>
    </message>
    <message>
        <source>pressing in</source>
        <comment>hours</comment>
        <translation>Einpressen</translation>
    </message>
    <message>
        <source>proving</source>
        <comment>hours</comment>
        <translation>Nachweisen</translation>
    </message>
    <message>
        <source>setting end play</source>
        <comment>hours</comment>
        <translation>Axialspiel einstellen</translation>
    </message>
    <message>
        <source>closing</source>
        <comment>hours</comment>
        <translation>Abschließen</translation>
    </message>
    <message>
        <source>Lines of the invoice</source>
        <translation>Zeilen der Rechnung</translation>
    </message>
    <message>
        <source>Quote</source>
        <translation>Angebot</translation>
    </message>
    <message>
        <source>Hours as they were taken.</source>
        <translation>Stunden, wie sie gebraucht wurden.</translation>
    </message>
    <message>
        <source>Hours as they are planned.</source>
        <translation>Stunden, wie sie geplant sind.</translation>
    </message>
    <message>
        <source>Hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>Parts to order</source>
        <translation>Zu bestellende Teile</translation>
    </message>
    <message>
        <source>Once a job</source>
        <translation>Einmal je Auftrag</translation>
    </message>
    <message>
        <source>{quantity} at {price}: {amount}</source>
        <translation>{quantity} zu {price}: {amount}</translation>
    </message>
    <message>
        <source>{quantity}, no price</source>
        <translation>{quantity}, kein Preis</translation>
    </message>
    <message>
        <source>In all</source>
        <translation>Zusammen</translation>
    </message>
    <message numerus="yes">
        <source>%n lines have no price</source>
        <translation>
            <numerusform>%n Zeile hat keinen Preis</numerusform>
            <numerusform>%n Zeilen haben keinen Preis</numerusform>
        </translation>
    </message>
    <message>
        <source>give them in This shop, Prices: they count as nothing here</source>
        <translation>unter Diese Werkstatt, Preise angeben: hier zählen sie nichts</translation>
    </message>
    <message>
        <source>No hours were taken down</source>
        <translation>Es wurden keine Stunden festgehalten</translation>
    </message>
    <message>
        <source>a piece of work that is taken up from the day board counts its time</source>
        <translation>eine Arbeit, die von der Tagestafel aus aufgenommen wird, zählt ihre Zeit</translation>
    </message>
    <message>
        <source>Done on {day} by {who}: {verdict}.</source>
        <translation>Erledigt am {day} von {who}: {verdict}.</translation>
    </message>
    <message>
        <source>Not closed yet: this is how it stands.</source>
        <translation>Noch nicht abgeschlossen: so steht es.</translation>
    </message>
    <message>
        <source>Next inspection</source>
        <translation>Nächste Prüfung</translation>
    </message>
    <message numerus="yes">
        <source>%n inspections are over their day</source>
        <translation>
            <numerusform>%n Prüfung ist über ihren Tag hinaus</numerusform>
            <numerusform>%n Prüfungen sind über ihren Tag hinaus</numerusform>
        </translation>
    </message>
    <message>
        <source>Inspections</source>
        <translation>Prüfungen</translation>
    </message>
    <message>
        <source>No closed job says when its machine is to be looked at again.</source>
        <translation>Kein abgeschlossener Auftrag sagt, wann seine Maschine wieder anzusehen ist.</translation>
    </message>
    <message>
        <source>{day}, over</source>
        <translation>{day}, überschritten</translation>
    </message>
    <message>
        <source>as found</source>
        <translation>wie vorgefunden</translation>
    </message>
    <message>
        <source>%1 as found%2</source>
        <translation>%1 wie vorgefunden%2</translation>
    </message>
    <message>
        <source>as proven</source>
        <translation>wie nachgewiesen</translation>
    </message>
    <message>
        <source>Invoice</source>
        <translation>Rechnung</translation>
    </message>
    <message>
        <source>For the customer</source>
        <translation>Für den Kunden</translation>
    </message>
    <message>
        <source>Inspections due</source>
        <translation>Fällige Prüfungen</translation>
    </message>
    <message>
        <source>Save as CSV  C</source>
        <translation>Als CSV sichern  C</translation>
    </message>
    <message>
        <source>Inspections due, %1</source>
        <translation>Fällige Prüfungen, %1</translation>
    </message>
    <message>
        <source>Page for the customer</source>
        <translation>Seite für den Kunden</translation>
    </message>
    <message>
        <source>%1 has arrived: F12 takes it, where you stand.</source>
        <translation>%1 ist angekommen: F12 nimmt es, wo Sie gerade stehen.</translation>
    </message>
    <message>
        <source>Photo from a file…</source>
        <translation>Foto aus einer Datei…</translation>
    </message>
    <message>
        <source>Photo that has arrived</source>
        <translation>Foto, das angekommen ist</translation>
    </message>
    <message>
        <source>No photo has arrived. The folder they come into is set in This shop, This bench.</source>
        <translation>Es ist kein Foto angekommen. Der Ordner, in den sie kommen, steht unter Diese Werkstatt, Dieser Arbeitsplatz.</translation>
    </message>
    <message>
        <source>Photo from the clipboard</source>
        <translation>Foto aus der Zwischenablage</translation>
    </message>
    <message>
        <source>%1 is kept with this job.</source>
        <translation>%1 liegt jetzt bei diesem Auftrag.</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard.</source>
        <translation>In der Zwischenablage ist kein Bild.</translation>
    </message>
    <message>
        <source>The picture of the clipboard could not be written.</source>
        <translation>Das Bild der Zwischenablage ließ sich nicht schreiben.</translation>
    </message>
    <message>
        <source>Folder that a phone’s or a camera’s come into</source>
        <translation>Ordner, in den die eines Telefons oder einer Kamera kommen</translation>
    </message>
    <message>
        <source>2027-03-31, or 6 months</source>
        <translation>2027-03-31 oder 6 Monate</translation>
    </message>
    <message>
        <source>“%1” is no day: 2027-03-31, or 10 days, 6 weeks, 6 months, 1 year from now.</source>
        <translation>„%1“ ist kein Tag: 2027-03-31, oder von heute an 10 Tage, 6 Wochen, 6 Monate, 1 Jahr.</translation>
    </message>
    <message>
        <source>Photos as proven</source>
        <translation>Fotos wie nachgewiesen</translation>
    </message>
    <message>
        <source>with --shot: as if it were then, 2026-11-30T07:00:00</source>
        <translation>mit --shot: als wäre es dann, 2026-11-30T07:00:00</translation>
    </message>
    <message>
        <source>Enter opens the bar you stand on. Shift with ← or →, or drawn along: its start is fixed; Delete clears it. R plans again, P prints.</source>
        <translation>Eingabe öffnet den Balken, auf dem Sie stehen. Umschalt mit ← oder →, oder gezogen: sein Beginn steht fest; Entf gibt ihn frei. R plant neu, P druckt.</translation>
    </message>
    <message>
        <source>No plan meets all fixed starts: clear one of them.</source>
        <translation>Kein Plan hält alle festen Anfänge: einen davon freigeben.</translation>
    </message>
    <message>
        <source>Nothing is proven: plan again, or clear a fixed start.</source>
        <translation>Es ist nichts bewiesen: neu planen, oder einen festen Beginn freigeben.</translation>
    </message>
    <message>
        <source>{job}: no time for the transfer</source>
        <translation>{job}: keine Zeit für den Weg</translation>
    </message>
    <message>
        <source>{part} grips after {window}, the transfer takes {walk}</source>
        <translation>{part} greift nach {window}, der Weg dauert {walk}</translation>
    </message>
    <message>
        <source>{job}: does it go in?</source>
        <translation>{job}: passt es hinein?</translation>
    </message>
    <message>
        <source>{part} takes {litres} l, {source} has {room} l</source>
        <translation>{part} braucht {litres} l, {source} hat {room} l</translation>
    </message>
    <message>
        <source>{job}: on over night</source>
        <translation>{job}: über Nacht an</translation>
    </message>
    <message>
        <source>{part} soaks longer than anybody is here: by local rules</source>
        <translation>{part} wärmt länger durch, als jemand da ist: nach örtlicher Regel</translation>
    </message>
    <message>
        <source>Fixed starts clash</source>
        <translation>Feste Anfänge widersprechen sich</translation>
    </message>
    <message>
        <source>{what} cannot be</source>
        <translation>{what} geht nicht</translation>
    </message>
    <message>
        <source>{what} clashes</source>
        <translation>{what} widerspricht sich</translation>
    </message>
    <message>
        <source>There is no folder %1: no photos are looked for.</source>
        <translation>Den Ordner %1 gibt es nicht: es wird nach keinen Fotos gesehen.</translation>
    </message>
    <message>
        <source>day</source>
        <comment>span</comment>
        <translation>Tag</translation>
    </message>
    <message>
        <source>days</source>
        <comment>span</comment>
        <translation>Tage</translation>
    </message>
    <message>
        <source>week</source>
        <comment>span</comment>
        <translation>Woche</translation>
    </message>
    <message>
        <source>weeks</source>
        <comment>span</comment>
        <translation>Wochen</translation>
    </message>
    <message>
        <source>month</source>
        <comment>span</comment>
        <translation>Monat</translation>
    </message>
    <message>
        <source>months</source>
        <comment>span</comment>
        <translation>Monate</translation>
    </message>
    <message>
        <source>year</source>
        <comment>span</comment>
        <translation>Jahr</translation>
    </message>
    <message>
        <source>years</source>
        <comment>span</comment>
        <translation>Jahre</translation>
    </message>
</context>
</TS>
