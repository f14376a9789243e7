/// Where each zone is read. Depends on the job only, so that a panel can be told by it.
package io.answerback.core.loop.zone;
