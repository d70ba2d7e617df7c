<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\ValueKind;

/** One answer for several things at once: as many edits as that takes, made as one. */
final class ForSeveral
{
    /**
     * @param class-string<Edit> $edit
     * @param list<string> $subjects lines, relays, functions, rails …; empty for what is said of the board as a whole
     * @param \Closure(array<string, string|list<string>>): Edit $make from the field of the edit that says of what
     */
    public static function made(string $edit, array $subjects, string $title, \Closure $make): Edit
    {
        [$field, $takesMany] = self::target($edit) ?? ['', false];
        if ('' === $field || $takesMany) {
            return $make('' === $field ? [] : [$field => $subjects]);
        }
        if ([] === $subjects) {
            throw new EditRefused('Choose at least one that it is said of.');
        }
        $edits = array_map(static fn(string $subject): Edit => $make([$field => $subject]), $subjects);

        return 1 === count($edits) ? $edits[0] : new Sequence($title, $edits);
    }

    /**
     * The field that says of what an edit speaks: its first, where that is an id or a list of them.
     *
     * @param class-string<Edit> $edit
     * @return ?array{string, bool} its name, and whether it takes several
     */
    public static function target(string $edit): ?array
    {
        $fields = RecordShape::of($edit)->fields;
        $name = array_key_first($fields);
        if (null === $name || null !== Question::of($edit, $name)) {
            return null;
        }

        return match ($fields[$name]->value->kind) {
            ValueKind::Listing => [$name, true],
            ValueKind::Text => [$name, false],
            default => null,
        };
    }
}
