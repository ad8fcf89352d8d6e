package io.inkwellsplit.examples;

import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import java.util.List;

/** Splits a column of a roll in capitals: only the column tells that the family name comes first. */
public final class SplitAColumn {
    private SplitAColumn() {}

    public static void main(String[] args) {
        List<String> roll = List.of(
                "MILLER KAREN",
                "JOHNSON SUSAN M",
                "MARLOW JAMES",
                "ANDERSON NANCY",
                "WILSON ROBERT",
                "THOMPSON HELEN",
                "PETERSON LAURA J",
                "CARTER MICHAEL",
                "MITCHELL GEORGE",
                "ROBERTS PETER");
        NameSplitter splitter = NameSplitter.standard().learn(roll);
        for (String name : roll) {
            Reading<NamePart> reading = splitter.split(name);
            System.out.printf(
                    "%-18s first: %-8s last: %s%n", name, reading.text(NamePart.FIRST), reading.text(NamePart.LAST));
        }
    }
}
