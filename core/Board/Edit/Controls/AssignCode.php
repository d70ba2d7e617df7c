<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Board\SurfaceKind;

/** Assigns a key of a remote to a line or a group, or takes it away. */
final readonly class AssignCode implements Edit
{
    /**
     * @param string $code in hexadecimal as a receiver prints it, with or without 0x; empty for none
     * @param bool $forOff a second key that switches off
     */
    public function __construct(
        public string $surface,
        public string $code = '',
        public InfraredEncoding $encoding = InfraredEncoding::PulseDistance,
        public int $bits = 32,
        public bool $forOff = false,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::groupOfKey($board, $this->surface);
        [$lineId, $surface] = null === $group
            ? Targets::surface($board, $this->surface)
            : ['', $board->lineGroups[$group]->keys[$this->surface]];
        if (SurfaceKind::InfraredKey !== $surface->kind) {
            throw new EditRefused(sprintf('“%s” takes no infrared code.', $board->nameOf($this->surface)));
        }
        $plain = strtoupper((string) preg_replace('/^0x|\\s/i', '', trim($this->code)));
        if ('' !== $plain && 1 !== preg_match('/^[0-9A-F]{1,16}$/', $plain)) {
            throw new EditRefused(sprintf(
                '“%s” is no code. Write it in hexadecimal, such as 0BF430CF.',
                mb_substr($this->code, 0, 40),
            ));
        }
        $code = '' === $plain ? null : new InfraredCode(
            $this->encoding,
            str_pad($plain, (int) min(16, ceil($this->bits / 4)), '0', STR_PAD_LEFT),
            $this->bits,
        );
        if ($surface instanceof GroupKey) {
            return Targets::changeKey($board, (string) $group, $this->surface, $surface->withCode($code));
        }
        $said = $this->forOff ? $surface->withCodes($surface->code, $code) : $surface->withCodes($code, $surface->offCode);

        return $board->with(lines: [
            ...$board->lines,
            $lineId => $board->lines[$lineId]->with(surfaces: [...$board->lines[$lineId]->surfaces, $this->surface => $said]),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('' === $this->code ? 'Take the key of “%s” away' : 'Assign a key to “%s”', $board->nameOf($this->surface));
    }
}
