package io.answerback.core.model.profile;

/// What a profile states its bands in.
public enum BandUnit {
    /// Ohms across the input, in rising order.
    OHMS("Ω"),
    /// Volts across the input while the loop is connected, in rising order.
    VOLTS("V");

    private final String symbol;

    BandUnit(String symbol) {
        this.symbol = symbol;
    }

    /// The unit's symbol.
    public String symbol() {
        return symbol;
    }
}
