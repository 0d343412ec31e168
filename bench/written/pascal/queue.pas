program BoatQueue;
{$mode objfpc}

type
  PNode = ^TNode;
  TNode = record
    id: Integer;
    next: PNode;
  end;

var
  head, tail: PNode;
  n: Integer;

procedure Push(id: Integer);
var
  node: PNode;
begin
  New(node);
  node^.id := id;
  node⟪->⟶^.⟫next := nil;
  if head = ⟪null⟶nil⟫ then
    head := node⟪;⟶⟫
  else
    tail^.next := node;
  tail := node;
end;

function Pop: Integer;
var
  old: PNode;
begin
  old := head;
  Pop := old^.id;
  head := ⟪old.next⟶old^.next⟫;
  Dispose(old);
end;

function Length: Integer;
var
  walk: PNode;
  k: Integer;
begin
  k := 0;
  walk := head;
  while walk ⟪!= ⟶<> ⟫nil do
  begin
    k ⟪+= 1⟶:= k + 1⟫;
    walk := walk^.next;
  end;
  ⟪return k⟶Length := k⟫;
end;

begin
  head := nil;
  for n := 1 to 5 do
    Push(n * 10);
  WriteLn('first ', Pop);
  WriteLn('left ', Length);
end.
