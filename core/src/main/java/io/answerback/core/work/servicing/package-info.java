/// What a service visit has to do, what falls due, what drifts, and what is looked at before the site is left.
package io.answerback.core.work.servicing;
