<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Demo\DemoFiles;
use IronLatch\Log\LogBook;
use IronLatch\Storage\BoardStore;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('latch:seed', 'Puts the demo boards on an empty shelf.')]
final class SeedCommand extends Command
{
    public function __construct(private readonly BoardStore $store, private readonly DemoFiles $demos, private readonly LogBook $book)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (!$this->store->isNew()) {
            return Command::SUCCESS;
        }
        // The last one made stands first on the shelf.
        foreach (array_reverse($this->demos->all()) as $name => $board) {
            $this->book->begin($this->store->create($board, 'Opened from the demo'), $this->demos->log($name));
        }
        $output->writeln('The demo boards stand on the shelf.');

        return Command::SUCCESS;
    }
}
