/// Records of the work on site: visits, what was used and left out, who was shown how, photographs, the crew.
/// `work.servicing` works out what comes next.
package io.answerback.core.model.service;
