/// Works out what has to be shown before a site is handed over, in which order, and what a signal that arrives shows.
/// The records of what was shown are in `model.shown`.
package io.answerback.core.prove.acceptance;
