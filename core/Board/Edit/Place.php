<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

/**
 * On a field of an edit, or on the edit for all of its fields: where on the board the fact stands that it states.
 *
 * Steps with dots between, from what the edit speaks of, or from the board where it speaks of nothing; “*” is the name of the field.
 */
#[\Attribute(\Attribute::TARGET_CLASS | \Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Place
{
    public function __construct(public string $steps) {}

    /**
     * @param class-string<Edit> $edit
     * @return ?string null where the field states no fact that could be taken back
     */
    public static function of(string $edit, string $field): ?string
    {
        if (null === Question::of($edit, $field)) {
            return null;
        }
        $of = (new \ReflectionProperty($edit, $field))->getAttributes(self::class);
        $place = $of[0] ?? (new \ReflectionClass($edit))->getAttributes(self::class)[0] ?? null;

        return null === $place ? null : str_replace('*', $field, $place->newInstance()->steps);
    }
}
