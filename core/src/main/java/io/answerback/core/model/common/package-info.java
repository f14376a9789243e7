/// What every record uses: guards for figures that come from people and files.
package io.answerback.core.model.common;
