package io.answerback.cores;

import io.answerback.job.CableEnd;
import io.answerback.job.CoreUse;
import java.util.Optional;

/// One core to be put in place.
///
/// @param cableId its cable
/// @param end which end of it
/// @param served what the cable serves
/// @param core the core
/// @param where where it goes, in words
/// @param done whether it is there
public record WiringStep(String cableId, CableEnd end, String served, PlannedCore core, String where, boolean done)
        implements RunStep {
    /// Such as "Yellow of C-17 to input 7".
    @Override
    public String order() {
        String colour =
                Character.toUpperCase(core.colour().charAt(0)) + core.colour().substring(1);
        return core.landing() instanceof Landing.Joined joined
                ? "%s of %s to %s of %s".formatted(colour, cableId, joined.colour(), joined.cableId())
                : "%s of %s to %s".formatted(colour, cableId, where);
    }

    @Override
    public String mind() {
        return switch (core.use()) {
            case LOOP, LOOP_RETURN, TAMPER, TAMPER_RETURN ->
                "Cable labelled \"%s\". Either way round is fine: a contact has no polarity.".formatted(served);
            case SUPPLY, SUPPLY_RETURN ->
                "Cable labelled \"%s\". Mind the polarity: the wrong way round can destroy what it feeds."
                        .formatted(served);
            case BUS_ONE, BUS_TWO ->
                "Cable labelled \"%s\". The two data cores must not be changed over.".formatted(served);
            case SOUNDER, STROBE, SOUNDER_TAMPER ->
                "Cable labelled \"%s\". Ears protected, trigger leads off until the last.".formatted(served);
            case TIP, RING ->
                "Cable labelled \"%s\". The panel rings here; no telephone line may be on the same terminals."
                        .formatted(served);
            case SPEAKER, SPEAKER_RETURN -> "Cable labelled \"%s\". Either way round is fine.".formatted(served);
            case SPARE -> "Cable labelled \"%s\".".formatted(served);
        };
    }

    /// Whether it is one of a supply pair.
    @Override
    public boolean caution() {
        return core.use() == CoreUse.SUPPLY || core.use() == CoreUse.SUPPLY_RETURN;
    }

    @Override
    public Optional<String> colour() {
        return Optional.of(core.colour());
    }
}
