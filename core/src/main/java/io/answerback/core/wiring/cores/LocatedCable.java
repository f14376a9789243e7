package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import java.util.Optional;

/// A cable with what it carries and where it begins.
///
/// @param near its near end; the far end is its [ConnectedEnd#otherEnd]
/// @param begins the module or joint box its near end comes to; empty when it comes to none yet
record LocatedCable(Cable cable, CableShare share, ConnectedEnd near, Optional<BoxId> begins) {}
