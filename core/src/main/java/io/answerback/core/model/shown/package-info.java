/// Records of what was shown before a site is handed over: when, how, what was measured, and what a walk found wrong.
/// `prove.acceptance` works out what has to be shown.
package io.answerback.core.model.shown;
