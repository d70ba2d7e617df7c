<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

/** What an edit’s words are worth against a danger, the strongest first. */
enum Nature: string
{
    /** Of the design: a part, a wire, a pin, a line of the program. What is chosen is built, so it can do away with a danger. */
    case Choice = 'choice';
    /** What is so already: a rating that was read, a temperature, a length. It can show that there was no danger. */
    case Observation = 'observation';
    /** Of work that somebody has to do and that no drawing shows: it leaves a point that is verified on each copy before mains. */
    case Promise = 'promise';
    /** Of how people will use it, or that it is meant so: it does away with no danger. */
    case Intention = 'intention';

    /** The weakest of what an edit says. */
    public static function of(Edit $edit): self
    {
        if ($edit instanceof Sequence) {
            return self::weakest(array_map(self::of(...), $edit->edits));
        }
        $natures = [];
        $values = get_object_vars($edit);
        foreach ((new \ReflectionClass($edit))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $own = ($parameter->getAttributes(Says::class)[0] ?? null)?->newInstance();
            $value = $values[$parameter->getName()] ?? null;
            if (null !== $own && null !== $value && $own->unless !== $value) {
                $natures[] = $own->nature;
            }
        }
        $whole = ((new \ReflectionClass($edit))->getAttributes(Says::class)[0] ?? null)?->newInstance();

        return [] !== $natures ? self::weakest($natures) : $whole->nature ?? self::Choice;
    }

    /** Whether it only says something, so that it stands behind whatever really changes the board. */
    public function comesAfterRepairs(): bool
    {
        return self::Promise === $this || self::Intention === $this;
    }

    /**
     * @param list<self> $natures
     */
    private static function weakest(array $natures): self
    {
        foreach (array_reverse(self::cases()) as $nature) {
            if (in_array($nature, $natures, true)) {
                return $nature;
            }
        }

        return self::Choice;
    }
}
