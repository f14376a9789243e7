package io.answerback.desktop.prove;

/// The sheets of the prove bench.
public enum ProveSheets {
    /// Which lines have been answered.
    PROOFS("Proofs"),
    /// A panel to practise with.
    PANEL("Practice panel"),
    /// Stories on the panel.
    STORIES("Stories");

    private final String title;

    ProveSheets(String title) {
        this.title = title;
    }

    /// Its name on the switch.
    public String title() {
        return title;
    }
}
