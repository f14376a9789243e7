package io.answerback.core.loop.scheme;

/// Schemes in which what is at the device lies across the end-of-line resistor, not in series with it.
interface AcrossThePair extends LoopScheme {
    @Override
    default LoopPart joined(LoopPart contacts, LoopPart endOfLine) {
        return LoopPart.Parallel.of(contacts, endOfLine);
    }

    @Override
    default LoopPart leftOut() {
        return new LoopPart.Cut();
    }

    @Override
    default LoopPart doubled(LoopPart endOfLine) {
        return LoopPart.Parallel.of(endOfLine, endOfLine);
    }
}
