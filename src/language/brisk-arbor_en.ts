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
</context>
</TS>
