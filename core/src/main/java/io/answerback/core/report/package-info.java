/// What each receiver is sent, and the rules on it and on who is notified. It works on what `model.receiver` and
/// `model.path` record; the formats themselves are in `signal`.
package io.answerback.core.report;
