/// Computed of service: what a visit has to do, what falls due, what drifts, what is looked at before leaving. Visits
/// themselves are recorded in `model.service`.
package io.answerback.core.work.servicing;
