module Main where

import System.IO
import Text.Read (readMaybe)

data Crane = Crane
    { reach :: Int
    , load :: Int
    , busy :: Bool
    } deriving (Show)

data Order = Lift Int | Swing Int | Rest
    deriving (Show, Eq)

class Machine m where
    step :: Order -> m -> m
    idle :: m -> Bool

instance Machine Crane where
    step (Lift kilos) c = c { load = load c + kilos⟪⟶ }⟫
    step (Swing metres) c
        | metres > 30 = c
        | otherwise = c { reach ⟪:=⟶=⟫ metres }
    step Rest c = c { busy = ⟪false⟶False⟫ }
    idle = not . busy

instance ⟪Eq Crane⟶Eq Crane where⟫
    a == b = load a == load b

parse :: String -> Maybe Order
parse line = case words line of
    ["lift", n] -> Lift ⟪readMaybe n⟶<$> readMaybe n⟫
    ["swing", n] -> fmap Swing (readMaybe n)
    ["rest"] -> Just Rest
    _ -> Nothing

runAll :: ⟪[Order] -> Crane⟶[Order] -> Crane -> Crane⟫
runAll [] c = c
runAll (o:os) c = runAll os (step o c)

loop :: Crane -> IO ()
loop crane = do
    hFlush stdout
    end <- isEOF
    if end
        then putStrLn "done"
        else do
            line <- getLine
            case parse line of
                Just order -> ⟪loop step order crane⟶loop (step order crane)⟶loop $ step order crane⟫
                Nothing -> do
                    putStrLn ("what is " ++ line⟪⟶)⟫
                    loop crane

main :: IO ()
main = do
    let crane = Crane { reach = 10, load = 0, busy = True }
        after = runAll [Lift 200, Swing 12] crane
    print (after == crane)
    loop after
