<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\TellSurface;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\Names;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Two lines with one command, topic, path, number or spoken name. */
final class AddressShared implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'controls.address-shared',
            1,
            Stage::Controls,
            'Two lines with one command, topic, path, number or spoken name',
            [Kind::Broken],
            'What is said to one reaches both, or only the first.',
            'addresses on one channel, groups counted, without capitals and blanks where they are spoken',
            Basis::CommonPractice,
            'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $seen = [];
        foreach ($inspection->controls->entries as $entry) {
            $profile = $inspection->controls->columns[$entry->column]->profile ?? null;
            if (null === $profile) {
                continue;
            }
            $key = $entry->column . ' ' . (Addressing::Name === $profile->addressing ? Names::spoken($entry->address) : $entry->address);
            if (isset($seen[$key])) {
                yield new Finding($this->facts(), Kind::Broken, $entry->surface, sprintf('“%s” and “%s” have one %s on “%s”: %s.', $inspection->board->lines[$seen[$key]]->name, $inspection->board->lines[$entry->line]->name, $profile->addressing->value, $inspection->controls->columns[$entry->column]->title, $entry->address), proposals: static fn(): array => $entry->isOwn ? [new Remedy('Use the derived one', TellSurface::keeping($entry->surface, $inspection->board->lines[$entry->line]->surfaces[$entry->surface], address: ''))] : []);
            }
            $seen[$key] ??= $entry->line;
        }
        foreach ($inspection->controls->groups as $group) {
            $profile = $inspection->controls->columns[$group->column]->profile ?? null;
            $key = $group->column . ' ' . (Addressing::Name === $profile?->addressing ? Names::spoken($group->address) : $group->address);
            if (isset($seen[$key])) {
                yield new Finding($this->facts(), Kind::Broken, $group->group, sprintf('The group “%s” and “%s” have one %s on “%s”: %s.', $inspection->board->lineGroups[$group->group]->name, $inspection->board->lines[$seen[$key]]->name, $profile->addressing->value ?? 'address', $inspection->controls->columns[$group->column]->title, $group->address));
            }
        }
    }
}
