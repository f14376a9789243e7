/// Recorded of what was shown before a site is handed over: when, how, what was measured, and what a walk found wrong.
/// `prove.acceptance` computes what has to be shown.
package io.answerback.core.model.shown;
