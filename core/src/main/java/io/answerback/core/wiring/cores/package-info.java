/// Which core goes where: what each device needs of its cable, the colours the firm's convention gives it, and
/// the terminals and joints its cores land on.
package io.answerback.core.wiring.cores;
