package io.answerback.files;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.ValueInstantiator;
import tools.jackson.databind.deser.ValueInstantiators;
import tools.jackson.databind.deser.std.StdValueInstantiator;
import tools.jackson.databind.introspect.AnnotatedWithParams;
import tools.jackson.databind.module.SimpleModule;

/// Makes records by calling their constructors through reflection. The mapper calls them through method handles, for
/// which Java first builds code for each kind of record: a tenth of the time until the first picture.
@SuppressWarnings("serial")
final class RecordModule extends SimpleModule {
    RecordModule() {
        super("records");
    }

    @Override
    public void setupModule(SetupContext context) {
        super.setupModule(context);
        context.addValueInstantiators(new OfRecords());
    }

    private static final class OfRecords extends ValueInstantiators.Base {
        @Override
        public ValueInstantiator modifyValueInstantiator(
                DeserializationConfig config, BeanDescription.Supplier described, ValueInstantiator usual) {
            return described.getBeanClass().isRecord() && usual instanceof StdValueInstantiator standard
                    ? new OfRecord(standard)
                    : usual;
        }
    }

    @SuppressWarnings("serial")
    private static final class OfRecord extends StdValueInstantiator {
        OfRecord(StdValueInstantiator usual) {
            super(usual);
        }

        @Override
        public Object createFromObjectWith(DeserializationContext context, Object[] parts) {
            AnnotatedWithParams creator = _withArgsCreator;
            if (creator == null || !(creator.getMember() instanceof Constructor<?> constructor)) {
                return super.createFromObjectWith(context, parts);
            }
            try {
                return constructor.newInstance(parts);
            } catch (InvocationTargetException refused) {
                return context.handleInstantiationProblem(
                        _valueClass, parts, rewrapCtorProblem(context, refused.getCause()));
            } catch (ReflectiveOperationException unreachable) {
                return context.handleInstantiationProblem(_valueClass, parts, rewrapCtorProblem(context, unreachable));
            }
        }
    }
}
