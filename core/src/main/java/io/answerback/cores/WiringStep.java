package io.answerback.cores;

import io.answerback.job.CoreUse;

/// One core to be put in place.
///
/// @param cableId its cable
/// @param pointName what the cable serves
/// @param core the core
/// @param where where it goes, in words
/// @param done whether it is there
public record WiringStep(String cableId, String pointName, PlannedCore core, String where, boolean done) {
    /// The step as an order, such as "Yellow of C-17 to input 7".
    public String order() {
        String colour =
                Character.toUpperCase(core.colour().charAt(0)) + core.colour().substring(1);
        return core.landing() instanceof Landing.Joined joined
                ? "%s of %s to %s of %s".formatted(colour, cableId, joined.colour(), joined.cableId())
                : "%s of %s to %s".formatted(colour, cableId, where);
    }

    /// What has to be known about the core before it is put in place.
    public String mind() {
        return switch (core.use()) {
            case LOOP, LOOP_RETURN, TAMPER, TAMPER_RETURN ->
                "Cable labelled \"%s\". Either way round is fine: a contact has no polarity.".formatted(pointName);
            case SUPPLY, SUPPLY_RETURN ->
                "Cable labelled \"%s\". Mind the polarity: the wrong way round can destroy the detector."
                        .formatted(pointName);
            case SPARE -> "Cable labelled \"%s\".".formatted(pointName);
        };
    }

    /// Whether it is one of a supply pair.
    public boolean supply() {
        return core.use() == CoreUse.SUPPLY || core.use() == CoreUse.SUPPLY_RETURN;
    }
}
