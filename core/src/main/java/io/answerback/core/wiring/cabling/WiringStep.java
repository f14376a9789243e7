package io.answerback.core.wiring.cabling;

import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import java.util.Optional;

/// One core to be put in place.
///
/// @param cableId its cable
/// @param end which end of it
/// @param served what the cable serves
/// @param core the core
/// @param where where it goes, in words
/// @param polar whether it and its partner must not be changed over
/// @param fitted the resistors and links that go under the same terminal, in words; empty for none
/// @param done whether it is there
public record WiringStep(
        CableId cableId,
        CableEnd end,
        String served,
        PlannedCore core,
        String where,
        boolean polar,
        String fitted,
        boolean done)
        implements RunStep {
    /// Such as "Yellow of C-17 to input 7".
    @Override
    public String order() {
        String colour =
                Character.toUpperCase(core.colour().charAt(0)) + core.colour().substring(1);
        return core.termination() instanceof CoreTermination.Joined joined
                ? Text.of("%s of %s to %s of %s", colour, cableId, joined.colour(), joined.cableId())
                : Text.of("%s of %s to %s", colour, cableId, where);
    }

    @Override
    public String mind() {
        return fitted.isEmpty() ? minding() : Text.of("%s Fit with it: %s.", minding(), fitted);
    }

    private String minding() {
        return switch (core.use()) {
            case LOOP, LOOP_RETURN, TAMPER, TAMPER_RETURN ->
                polar
                        ? Text.of(
                                "Cable labelled \"%s\". Mind the polarity: line + from the input, line − from its 0 V; the wrong way round the detectors stay dead.",
                                served)
                        : Text.of(
                                "Cable labelled \"%s\". Either way round is fine: a contact has no polarity.", served);
            case SUPPLY, SUPPLY_RETURN ->
                Text.of(
                        "Cable labelled \"%s\". Mind the polarity: the wrong way round can destroy what it feeds.",
                        served);
            case BUS_ONE, BUS_TWO ->
                Text.of("Cable labelled \"%s\". The two data cores must not be changed over.", served);
            case SOUNDER, STROBE, SOUNDER_TAMPER ->
                Text.of("Cable labelled \"%s\". Ears protected, drive leads off until the last.", served);
            case TIP, RING ->
                Text.of(
                        "Cable labelled \"%s\". The panel rings here; no telephone line may be on the same terminals.",
                        served);
            case EVENT ->
                Text.of(
                        "Cable labelled \"%s\". An output that is switched to 0 V is read against 0 V: the two boxes share it.",
                        served);
            case SETTING ->
                Text.of(
                        "Cable labelled \"%s\". It works a key-switch zone: fit that zone's resistor at the contact.",
                        served);
            case SPEAKER, SPEAKER_RETURN -> Text.of("Cable labelled \"%s\". Either way round is fine.", served);
            case SPARE -> Text.of("Cable labelled \"%s\".", served);
        };
    }

    /// Whether its polarity has to be minded.
    @Override
    public boolean caution() {
        return polar;
    }

    @Override
    public Optional<String> colour() {
        return Optional.of(core.colour());
    }
}
