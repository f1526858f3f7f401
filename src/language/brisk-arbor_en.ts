<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>arbor</name>
    <message numerus="yes">
        <source>%n on the rack do not fit: {groups}.</source>
        <translation>
            <numerusform>%n on the rack does not fit: {groups}.</numerusform>
            <numerusform>%n on the rack do not fit: {groups}.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n presses</source>
        <translation>
            <numerusform>%n press</numerusform>
            <numerusform>%n presses</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n checks</source>
        <translation>
            <numerusform>%n check</numerusform>
            <numerusform>%n checks</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n readings</source>
        <translation>
            <numerusform>%n reading</numerusform>
            <numerusform>%n readings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of the kit missing: {what}</source>
        <translation>
            <numerusform>%n of the kit missing: {what}</numerusform>
            <numerusform>%n of the kit missing: {what}</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n cut-outs: go round</source>
        <translation>
            <numerusform>%n cut-out: go round</numerusform>
            <numerusform>%n cut-outs: go round</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Count what came out: %n parts</source>
        <translation>
            <numerusform>Count what came out: %n part</numerusform>
            <numerusform>Count what came out: %n parts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 could sit in %n shapes</source>
        <translation>
            <numerusform>%1 could sit in one shape</numerusform>
            <numerusform>%1 could sit in %n shapes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n shapes</source>
        <translation>
            <numerusform>one shape</numerusform>
            <numerusform>%n shapes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lines in 2 s</source>
        <translation>
            <numerusform>%n line in 2 s</numerusform>
            <numerusform>%n lines in 2 s</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>, %n could not be read</source>
        <translation>
            <numerusform>, %n could not be read</numerusform>
            <numerusform>, %n could not be read</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add %n tools</source>
        <translation>
            <numerusform>Add %n tool</numerusform>
            <numerusform>Add %n tools</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n rows make no tool and are skipped:</source>
        <translation>
            <numerusform>%n row makes no tool and is skipped:</numerusform>
            <numerusform>%n rows make no tool and are skipped:</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>; %n rows made no tool and were skipped, the first one: %1</source>
        <translation>
            <numerusform>; %n row made no tool and was skipped: %1</numerusform>
            <numerusform>; %n rows made no tool and were skipped, the first one: %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more rows were skipped.</source>
        <translation>
            <numerusform>%n more row was skipped.</numerusform>
            <numerusform>%n more rows were skipped.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n rows, parted by %1, %2. Say over each column what it is; what is not used is left out.</source>
        <translation>
            <numerusform>%n row, parted by %1, %2. Say over each column what it is; what is not used is left out.</numerusform>
            <numerusform>%n rows, parted by %1, %2. Say over each column what it is; what is not used is left out.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n records wait on this bench until the logbook is there</source>
        <translation>
            <numerusform>%n record waits on this bench until the logbook is there</numerusform>
            <numerusform>%n records wait on this bench until the logbook is there</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>one temperature, %n places</source>
        <translation>
            <numerusform>one temperature, %n place</numerusform>
            <numerusform>one temperature, %n places</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n places</source>
        <translation>
            <numerusform>%n place</numerusform>
            <numerusform>%n places</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lines have no price</source>
        <translation>
            <numerusform>%n line has no price</numerusform>
            <numerusform>%n lines have no price</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n inspections are over their day</source>
        <translation>
            <numerusform>%n inspection is over its day</numerusform>
            <numerusform>%n inspections are over their day</numerusform>
        </translation>
    </message>
</context>
</TS>
