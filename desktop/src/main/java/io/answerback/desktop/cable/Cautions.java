package io.answerback.desktop.cable;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import java.util.List;

/// What has to be done before anybody touches a terminal.
final class Cautions {
    private Cautions() {}

    static List<Part> beforeATerminal() {
        return List.of(
                Words.title("Before you touch a terminal"),
                Words.wrapped(Words.of("question", "Mains isolated, locked off, proved dead.")),
                Words.wrapped(Words.of("question", "Battery leads off and insulated: it can weld a screwdriver.")),
                Words.wrapped(Words.of("question", "Station told, account on test. Occupants warned.")),
                Words.wrapped(
                        Words.of("question", "Lid screws are sharp: keep cables and fingers clear when it closes.")),
                Words.caution("Mains work belongs to a licensed electrician where your local code says so."));
    }
}
