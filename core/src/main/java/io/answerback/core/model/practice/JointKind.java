package io.answerback.core.model.practice;

import java.util.Optional;

/// How cores are joined.
public enum JointKind {
    /// In connector blocks.
    CONNECTOR_BLOCK("in connector blocks"),
    /// Soldered.
    SOLDER("soldered"),
    /// Crimped.
    CRIMP("crimped"),
    /// Twisted together and taped, which every rule refuses.
    TWISTED("twisted and taped");

    private final String words;

    JointKind(String words) {
        this.words = words;
    }

    /// How, as a participle.
    public String words() {
        return words;
    }

    /// The option of joints it belongs to; empty when it belongs to none.
    public Optional<PracticeOption> option() {
        return PracticeOption.of(PracticeQuestion.JOINTS).stream()
                .filter(option -> option.name().equals(name()))
                .findFirst();
    }
}
