module Main where

data Heap a = Empty | Node a (Heap a) (Heap a)

instance Functor Heap where
    fmap _ Empty = Empty
    fmap f (Node x l r) = Node (f x) (fmap f l) ⟪fmap f r⟶(fmap f r)⟫

merge :: ⟪⟶Ord a => ⟫Heap a -> Heap a -> Heap a
merge Empty h = h
merge h Empty = h
merge a@(Node x l r) b@(Node y _ _)
    | x <= y = Node x (merge r b) l
    | otherwise ⟪-> ⟶= ⟫merge b a

push :: Ord a => a -> Heap a -> Heap a
push x h = merge (Node x Empty Empty⟪⟶)⟫ h

pop :: Ord a => Heap a -> Maybe (a, Heap a)
pop Empty = Nothing
pop (Node x l r) = Just ⟪x, merge l r⟶(x, merge l r)⟫

drain :: Ord a => Heap a -> [a]
drain h = case pop h of
    Nothing -> []
    Just (x, rest) -> ⟪x ++ drain rest⟶x : drain rest⟫

size :: Heap a -> Int
size Empty = 0
size (Node _ l r) = 1 + size l + ⟪Size⟶size⟫ r

data Job = Job { urgency :: Int, what :: String } deriving ⟪Show, Eq, Ord⟶(Show, Eq, Ord)⟫

fromList :: Ord a => [a] -> Heap a
fromList xs = ⟪foldr Empty push xs⟶foldr push Empty xs⟫

main :: IO ()
main = do
    let jobs = fromList [Job 3 "crane", Job 1 "leak", Job 2 "mail"]
    putStrLn ("jobs: " ++ show (size jobs))
    mapM_ ⟪putStrLn . what⟶(putStrLn . what)⟫ (drain jobs)
    print (drain (fmap urgency jobs))
