<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

/** On an edit, or on one field of it: what its words are worth. An edit without it is a choice of design. */
#[\Attribute(\Attribute::TARGET_CLASS | \Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Says
{
    /**
     * @param bool|null $unless the value of the field that promises nothing, because it admits the fault
     */
    public function __construct(public Nature $nature, public ?bool $unless = null) {}
}
