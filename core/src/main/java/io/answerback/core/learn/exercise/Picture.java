package io.answerback.core.learn.exercise;

import io.answerback.core.loop.resistor.BandColour;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.signal.sound.Call;
import java.util.List;

/// What is shown of an exercise beside its words. It never holds the answer.
public sealed interface Picture {
    /// The bands of a resistor, from the end they are nearest to.
    record Bands(List<BandColour> bands) implements Picture {
        public Bands {
            bands = List.copyOf(bands);
        }
    }

    /// Several resistors, in the order of the choices.
    record Bag(List<List<BandColour>> resistors) implements Picture {
        public Bag {
            resistors = resistors.stream().map(List::copyOf).toList();
        }
    }

    /// Cores to be landed, and the terminals there are. The answer has each core with its terminal, as in
    /// "red=12V", with "; " between them.
    record Landing(List<String> cores, List<String> terminals) implements Picture {
        public Landing {
            cores = List.copyOf(cores);
            terminals = List.copyOf(terminals);
        }
    }

    /// A loop as it was planned, with the joint half way.
    ///
    /// @param input where it begins
    /// @param device where it ends
    /// @param joint whether the cable is joined half way
    record Loop(FittedLoop loop, String input, String device, boolean joint) implements Picture {}

    /// A call as it is heard on the line.
    record Heard(Call call) implements Picture {}
}
