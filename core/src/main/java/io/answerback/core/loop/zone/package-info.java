/// Where each zone is read. Depends on the job only, so that a panel can stand on it.
package io.answerback.core.loop.zone;
