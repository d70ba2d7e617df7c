<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\ValueKind;

/** Facts that are taken back: nobody knows them any more, or nobody ever did. */
final class Forgotten
{
    /**
     * @param class-string $record holds the facts
     * @param list<string> $fields
     * @return array<string, null> to copy the record with
     */
    public static function of(string $record, array $fields): array
    {
        $known = RecordShape::of($record)->fields;
        foreach ($fields as $field) {
            if (ValueKind::Fact !== ($known[$field]->value->kind ?? null)) {
                throw new EditRefused(sprintf('Nothing is known by the name “%s” that could be forgotten.', $field), $field);
            }
        }

        return array_fill_keys($fields, null);
    }
}
