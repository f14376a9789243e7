package io.answerback.station.line;

import java.io.IOException;

/// Where sound comes from while it is heard: the sound input of a computer, or what stands in for it.
public interface SoundInput extends AutoCloseable {
    /// Samples a second, 8000 to 192 000.
    int rate();

    /// Waits for more sound.
    ///
    /// @param into takes samples from -1 to 1
    /// @return how many were put there, at least one; -1 when no more will come
    /// @throws IOException when the input fails
    int read(float[] into) throws IOException;

    /// Ends a wait that another thread is in, and gives the input back.
    @Override
    void close();
}
