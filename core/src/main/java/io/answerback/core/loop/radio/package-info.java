/// What a panel hears by radio: where a wireless device's zone is, how it is enrolled, how strongly it is
/// heard, and when its battery is due. Depends on the job only.
package io.answerback.core.loop.radio;
