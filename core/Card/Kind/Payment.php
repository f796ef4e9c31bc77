<?php

namespace InkyCard\Card\Kind;

final class Payment extends Call
{
    public function __construct()
    {
        parent::__construct('payment', 'Payment', 'credit-card', 'Where to pay an invoice or a deposit.', 'link', 'Pay an invoice', 'quillfern.example/pay');
    }
}
