/// One site as immutable records: what was surveyed, wired, programmed and proven, with the job that holds it
/// all.
package io.answerback.core.model.site;
