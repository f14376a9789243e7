package io.answerback.core.model.site;

import java.util.function.Function;

/// The parts a job is made of, each of which an edit exchanges as a whole.
public enum Part {
    SITE(Parts::site),
    PRACTICE(Parts::practice),
    PANEL(Parts::panel),
    MODULES(Parts::modules),
    AREAS(Parts::areas),
    POINTS(Parts::points),
    CABLES(Parts::cables),
    INPUTS(Parts::inputs),
    ZONES(Parts::zones),
    COMMUNICATOR(Parts::communicator),
    RECEIVERS(Parts::receivers),
    PROOFS(Parts::proofs),
    MEASUREMENTS(Parts::measurements),
    POWER(Parts::power),
    BUS(Parts::bus),
    RADIO(Parts::radio),
    SETUP(Parts::setup),
    ACCEPTANCE(Parts::acceptance),
    SERVICE(Parts::service);

    private final Function<Parts, Object> read;

    Part(Function<Parts, Object> read) {
        this.read = read;
    }

    /// This part of a job.
    public Object of(Parts job) {
        return read.apply(job);
    }
}
