/// Works out what a service visit has to do, what falls due, what drifts, and what to look at before leaving. The
/// records of visits are in `model.service`.
package io.answerback.core.work.servicing;
