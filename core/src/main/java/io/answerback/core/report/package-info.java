/// The reporting formats: an event as digits and frames, and frames and answers read back. Text only, no
/// sockets.
package io.answerback.core.report;
