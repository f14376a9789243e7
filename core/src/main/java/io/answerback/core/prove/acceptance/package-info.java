/// Computed of what has to be shown before a site is handed over, in which order, and what a signal that arrives shows.
/// What was shown is recorded in `model.shown`.
package io.answerback.core.prove.acceptance;
