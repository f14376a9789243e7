/// What is sent to each receiver, and the rules on it and on who is notified. Computed from what `model.receiver`
/// and `model.path` record; the formats themselves stand in `signal`.
package io.answerback.core.report;
