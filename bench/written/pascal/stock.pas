program stock;
{$mode objfpc}

type
  TItem = record
    name: string;
    count: integer;
⟪⟶  end;
⟫
var
  items: array[1..10] of TItem;
  used: integer = 0;

procedure put(const name: string; count: integer);
begin
  inc(used);
  items[used].name := name;
  items[used].count ⟪=⟶:=⟫ count;
end;

function find(const name: string): integer;
var
  i: integer;
begin
  result := 0;
  for i := 1 to used do
    if items[i].name ⟪==⟶=⟫ name then
      result := i;
end;

var
  where: integer;
begin
  put('rope', 12);
  put('salt'⟪;⟶,⟫ 40);
  where := find(⟪salt⟶'salt'⟫);
  if where > 0 then
    writeln(items[where].count)
  else
    writeln('none');
  writeln('items: ', ⟪use⟶used⟫);
end.
