/// Which core goes where, and the work on cables.
package io.answerback.core.wiring;
