package io.inkwellsplit.name.layer;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Plain;
import io.inkwellsplit.name.NameSplitter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A person and an organisation in one cell, and firms that only look like it. */
class BesideTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Ada Thorne, Harrow Ltd                | person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Thorne, Ada, Harrow Ltd               | person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Harrow Ltd, Ada Thorne                | person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Harrow Ltd - Ada Thorne               | person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Ada Thorne - Harrow Ltd               | person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Ada Thorne; Harrow Ltd                | person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Ada Thorne, MD, Quay Medical Group    | person; first=Ada; last=Thorne; credentials=MD; organisation=Quay Medical Group
            Dr. Ada Thorne, Quay Dental Practice  | person; title=Dr.; first=Ada; last=Thorne; organisation=Quay Dental Practice
            Quay Choir Society, Ada Thorne        | person; first=Ada; last=Thorne; organisation=Quay Choir Society
            """)
    void parts(String text, String expected) {
        assertThat(Plain.of(NameSplitter.standard().split(text))).isEqualTo(expected);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Harrow, Brandt & Co",
                "Thorne, Harrow and Brandt LLP",
                "Ada Thorne, Inc.",
                "Ada Thorne, Co Ltd",
                "Ada Thorne Bakery, Inc",
                "Ada & Neil Harrow, Harrow Ltd",
                "Marrow Holdings, Quay Partners Ltd"
            })
    void leavesFirmsWhole(String text) {
        assertThat(Plain.of(NameSplitter.standard().split(text))).isEqualTo("organisation; organisation=" + text);
    }
}
