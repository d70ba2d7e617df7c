<?php

declare(strict_types=1);

namespace IronLatch\Command;

use Doctrine\DBAL\Connection;
use IronLatch\Storage\Restore;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('latch:restore', 'Puts a backup in the place of the store, after checking it; the present store is kept beside it.')]
final class RestoreCommand extends Command
{
    public function __construct(private readonly Connection $connection, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'the backup');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $store = $this->connection->getParams()['path'] ?? '';
        try {
            $kept = Restore::from(is_string($file) ? $file : '', $store, $this->clock->now());
        } catch (\InvalidArgumentException $fault) {
            $output->writeln($fault->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln(
            'The backup stands in the place of the store.' . (null === $kept ? '' : ' What was there before is kept as ' . $kept . '.'),
            OutputInterface::OUTPUT_RAW,
        );

        return Command::SUCCESS;
    }
}
