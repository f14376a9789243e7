package io.answerback.core.model.service;

/// What a visit is for.
public enum VisitKind {
    /// A new system is put in.
    INSTALL("installation"),
    /// Somebody else's system is taken over.
    TAKE_OVER("take-over"),
    /// It is looked after.
    SERVICE("service"),
    /// Something is mended.
    REPAIR("repair"),
    /// Something becomes otherwise.
    CHANGE("change");

    private final String words;

    VisitKind(String words) {
        this.words = words;
    }

    /// What the visit is for, in a word.
    public String words() {
        return words;
    }
}
