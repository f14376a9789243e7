package io.answerback.desktop.prove;

/// The sheets of the prove bench.
public enum ProveSheets {
    /// Which points have been answered in the model.
    PROOFS("Points"),
    /// What has to be shown.
    PLAN("Plan"),
    /// Signals of the real communicator tick the plan.
    WALK("Live walk"),
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
