package io.answerback.desktop.work;

import io.answerback.desktop.theme.Look;
import java.time.InstantSource;

/// What every bench works with.
///
/// @param openJob the job it shows and edits
/// @param look how the window looks
/// @param background where files are read and written, and long sums are done
/// @param files asks which file is meant
/// @param clock what time it is
public record BenchTools(OpenJob openJob, Look look, Background background, FileQuestions files, InstantSource clock) {}
