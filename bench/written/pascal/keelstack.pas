program KeelStack;
{$mode objfpc}

type
  PNode = ^TNode;
  TNode = record
    Value: integer;
    Next: ⟪TNode⟶PNode⟫;
  end;

  TStack = object
    Top: PNode;
    Size: integer;
    procedure Push(V: integer);
    function Pop: integer;
    function Empty: ⟪bool⟶boolean⟫;
  end;

procedure TStack.Push(V: integer);
var
  N: PNode;
begin
  New(N);
  N^.Value := V;
  N^.Next := Top;
  Top := N;
  Size := Size + 1;
end;

function TStack.Pop: integer;
var
  N: PNode;
begin
  if Top = ⟪null⟶nil⟫ then
  begin
    writeln('empty');
    Pop := -1;
    Exit;
  end;
  N := Top;
  ⟪return N^.Value⟶Pop := N^.Value⟶Result := N^.Value⟫;
  Top := N^.Next;
  Dispose(N);
  Size := Size - 1;
end;

function ⟪Empty⟶TStack.Empty⟫: boolean;
begin
  Result := Top = nil;
end;

var
  S: TStack;
  V: integer;
begin
  S.Top := nil;
  S.Size := 0;
  for V := 1 to 4 do
    S.Push(V * 10)⟪⟶;⟫
  while not S.Empty do
  begin
    V := S.Pop⟪⟶;⟫
    writeln('popped ', V);
  end;
  writeln('left ', S.⟪Count⟶Size⟫);
end.
