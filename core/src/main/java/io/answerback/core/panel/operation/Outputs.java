package io.answerback.core.panel.operation;

/// What outputs follow: an alarm that sounds, areas that are set, troubles.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Outputs(OperationRules rules, OperationDraft draft) {
    /// Switches every output to where it belongs now.
    void follow() {
        rules.outputs()
                .forEach((number, use) -> draft.output(
                        number,
                        !draft.service().dead()
                                && switch (use) {
                                    case ALARM -> draft.sounding() != Act.Pattern.SILENCE;
                                    case SET ->
                                        draft.areas().values().stream()
                                                .allMatch(area -> area.mode().watches());
                                    case TROUBLE -> draft.health().faulty();
                                    case NOTHING, RESET -> false;
                                }));
    }
}
